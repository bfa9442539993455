package strophos.core.nudge;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;

/**
 * Which nudge stands on the screen now. One that stands stays while it holds; another comes up only after a quiet time;
 * the hard stop does not wait.
 */
public final class NudgeBook {

    /** Thirds of halves are not exact in binary. */
    private static final double ROUNDING = 1e-9;

    private NudgeBook() {}

    /** The nudge to show; empty for none. */
    public static Optional<Nudge> at(RideNow now, NudgeRules rules) {
        Optional<Nudge> due = due(now, rules);
        if (due.isEmpty() || due.equals(now.shown()) || due.get() == Nudge.HARD_STOP) {
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
            case HARD_STOP -> now.workMs() >= rules.workS() * 1000L;
            case CHANGE_REIN -> now.turnMs() >= rules.turnS() * 1000L;
            case GOOD_STOP ->
                (!now.wasGoodStopSaid() || now.shown().equals(Optional.of(Nudge.GOOD_STOP)))
                        && now.workMs() >= rules.goodStopS() * 1000L
                        && Rein.BOTH.stream().allMatch(rein -> isReached(now.asks(), rein, rules));
        };
    }

    /** The last answers on the rein were all YES, or clearly better than its first ones. */
    private static boolean isReached(List<RideNow.Answer> asks, Rein rein, NudgeRules rules) {
        List<Response> here = asks.stream()
                .filter(a -> a.rein() == rein)
                .map(RideNow.Answer::response)
                .toList();
        int n = rules.yesRunning();
        if (here.size() < n) {
            return false;
        }
        List<Response> last = here.subList(here.size() - n, here.size());
        boolean isBetter =
                here.size() >= 2 * n && score(last) - score(here.subList(0, n)) >= rules.betterBy() - ROUNDING;
        return isBetter || last.stream().allMatch(r -> r == Response.YES);
    }

    /** Mean of YES 1, TRY ½, else 0. */
    private static double score(List<Response> answers) {
        return answers.stream()
                .mapToDouble(r -> r == Response.YES ? 1 : r == Response.TRY ? 0.5 : 0)
                .average()
                .orElseThrow();
    }
}
