package strophos.core.nudge;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.school.WhenStuck;
import strophos.core.stop.GoodPlace;
import strophos.core.welfare.Heat;

/**
 * Which nudge stands on the screen now. One that stands stays while it holds; another comes up only after a quiet time;
 * a hard stop does not wait.
 */
public final class NudgeBook {

    private NudgeBook() {}

    /** The nudge to show; empty for none. */
    public static Optional<Nudge> at(RideNow now, NudgeRules rules) {
        Optional<Nudge> due = due(now, rules);
        if (due.isEmpty() || due.equals(now.shown()) || due.get().isHardStop()) {
            return due;
        }
        boolean isQuiet =
                now.sinceNudgeMs().filter(ms -> ms < rules.quietS() * 1000L).isPresent();
        return isQuiet ? now.shown().filter(shown -> holds(shown, now, rules)) : due;
    }

    private static Optional<Nudge> due(RideNow now, NudgeRules rules) {
        for (Nudge nudge : Nudge.values()) {
            if (holds(nudge, now, rules)) {
                return Optional.of(nudge);
            }
        }
        return Optional.empty();
    }

    private static boolean holds(Nudge nudge, RideNow now, NudgeRules rules) {
        return switch (nudge) {
            case STOP_TIRED -> now.isTired();
            case STOP_HEAT -> now.heat() == Heat.Level.STOP;
            case STUCK_END -> isStuck(now, rules) && !stays(now, rules);
            case STUCK_STAY -> isStuck(now, rules) && stays(now, rules);
            case HARD_STOP -> now.workMs() >= rules.workS() * 1000L;
            case CHANGE_REIN -> now.turnMs() >= rules.turnS() * 1000L;
            case BREATHER -> now.spellMs() >= rules.breathS() * 1000L;
            case GOOD_STOP ->
                (!now.wasGoodStopSaid() || now.shown().equals(Optional.of(Nudge.GOOD_STOP)))
                        && now.workMs() >= rules.goodStopS() * 1000L
                        && Rein.BOTH.stream().allMatch(rein -> isReached(now.asks(), rein, rules));
        };
    }

    /** The last answers since the step back were all wrong. */
    private static boolean isStuck(RideNow now, NudgeRules rules) {
        List<Response> since = now.sinceStepBack();
        int n = rules.stuckWrong();
        return since.size() >= n
                && since.subList(since.size() - n, since.size()).stream().allMatch(r -> r == Response.WRONG);
    }

    /** Never with a frightened horse. */
    private static boolean stays(RideNow now, NudgeRules rules) {
        return rules.whenStuck() == WhenStuck.STAY_UNTIL_SOFT && !now.isFrightened();
    }

    private static boolean isReached(List<RideNow.Answer> asks, Rein rein, NudgeRules rules) {
        List<Response> here = asks.stream()
                .filter(a -> a.rein() == rein)
                .map(RideNow.Answer::response)
                .toList();
        return GoodPlace.isReached(here, rules.yesRunning(), rules.betterBy());
    }
}
