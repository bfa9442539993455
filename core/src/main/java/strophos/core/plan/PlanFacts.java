package strophos.core.plan;

import java.util.List;
import java.util.Optional;
import strophos.core.cause.Help;
import strophos.core.judgement.Thresholds;
import strophos.core.load.DayOfOuting;
import strophos.core.load.Outing;
import strophos.core.look.FirstLook;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;
import strophos.core.pause.HorseState;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
import strophos.core.stair.RungId;
import strophos.core.stop.WorkedLongEnough;
import strophos.core.welfare.GroundAndWeather;
import strophos.core.welfare.Heat;

/**
 * All a plan follows from.
 *
 * @param minutes of the lesson, in [5, 180]
 * @param state whether the horse may be ridden, and within what limits
 * @param look today's; empty before it was taken
 * @param focus of that look; empty before it was taken
 * @param chosen what the coach works on instead; empty to follow the look
 * @param current the strand the pair has been working on; before its first lesson the one its school begins with on the ground, else
 *     empty
 * @param rungs of all strands, each strand from the foot up
 * @param hardYesterday hard rungs ridden yesterday: they rest
 * @param helps what helped its rungs on earlier days, the strongest first
 * @param teaching by what the lesson is taught
 * @param strands in the order in which they are taught
 * @param day ground and weather, as far as they were noted
 * @param stop thresholds of {@link strophos.core.stop.StopThresholds#SET}
 */
public record PlanFacts(
        int minutes,
        HorseFacts horse,
        HorseState state,
        Optional<FirstLook> look,
        Optional<Focus> focus,
        Optional<List<FocusKind>> chosen,
        Optional<String> current,
        List<Candidate> rungs,
        List<RungId> hardYesterday,
        List<Help> helps,
        Teaching teaching,
        List<String> strands,
        GroundAndWeather day,
        Thresholds stop) {

    public PlanFacts {
        if (minutes < 5 || minutes > 180) {
            throw new IllegalArgumentException("A lesson's minutes (%d) must lie in [5, 180].".formatted(minutes));
        }
        if (look.isPresent() != focus.isPresent()) {
            throw new IllegalArgumentException("A look and its focus come together.");
        }
        rungs = List.copyOf(rungs);
        hardYesterday = List.copyOf(hardYesterday);
        helps = List.copyOf(helps);
        strands = List.copyOf(strands);
    }

    /** The same day with other minutes, and no other rungs than these. */
    PlanFacts with(int otherMinutes, List<Candidate> others) {
        return new PlanFacts(
                otherMinutes,
                horse,
                state,
                look,
                focus,
                chosen,
                current,
                others,
                hardYesterday,
                helps,
                teaching,
                strands,
                day,
                stop);
    }

    /** The same day, with this as the coach's choice. */
    PlanFacts choosing(List<FocusKind> kinds) {
        return new PlanFacts(
                minutes,
                horse,
                state,
                look,
                focus,
                Optional.of(kinds),
                current,
                rungs,
                hardYesterday,
                helps,
                teaching,
                strands,
                day,
                stop);
    }

    Optional<Candidate> find(RungId id) {
        return rungs.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    boolean isLimitedTo(Focus.Limit limit) {
        return (limit == Focus.Limit.NOTHING_RIDDEN && state.isNotRidden())
                || focus.filter(f -> f.limits().contains(limit)).isPresent();
    }

    /** Nothing is ridden: for the horse's sake, or because it is too hot. */
    boolean isNothingRidden() {
        return isLimitedTo(Focus.Limit.NOTHING_RIDDEN) || mostOfDay() == GroundAndWeather.Most.NOTHING;
    }

    /** How much of the usual work ground and weather leave, in (0, 1]. */
    double shareOfDay() {
        return day.shareOfWork(Heat.of(stop));
    }

    private GroundAndWeather.Most mostOfDay() {
        return day.most(Heat.of(stop));
    }

    /** Whether ground and weather allow it. */
    boolean suitsDay(Candidate rung) {
        return switch (mostOfDay()) {
            case NOTHING -> false;
            case WALK -> rung.isCalm();
            case TROT -> !rung.isCanter() && !rung.isFence();
            case ALL -> true;
        };
    }

    /** What the horse was cleared for, if that limits it: no faster gait, and no fences. */
    boolean isCleared(Candidate rung) {
        return state.allows(rung.id().gait()) && (state.limits().isEmpty() || !rung.isFence());
    }

    /** What the lesson is about: the coach's choice, else the look's, else the next rung. Pain is nobody's choice. */
    List<FocusKind> kinds() {
        if (isLimitedTo(Focus.Limit.NOTHING_RIDDEN)) {
            return List.of(FocusKind.HELP_FIRST);
        }
        return chosen.or(() -> focus.map(Focus::kinds)).orElse(List.of(FocusKind.NEXT_RUNG));
    }

    /** Where a strand stands in the order in which they are taught; one that is not in it comes last. */
    int place(String strand) {
        int at = strands.indexOf(strand);
        return at < 0 ? strands.size() : at;
    }

    /** How the leg lies today; empty where nothing speaks for either. */
    Optional<Settings.LegStance> leg() {
        boolean isHot = look.filter(l -> l.calm().orElse(PlanRules.KEEN + 1) <= PlanRules.KEEN
                        || l.balks().orElse(false))
                .isPresent();
        return teaching.leg(isHot, kinds().contains(FocusKind.FORWARD));
    }

    /** What the look says was ridden earlier today, in seconds. */
    int riddenTodayS() {
        return 60 * look.map(l -> l.riddenToday().orElse(0)).orElse(0);
    }

    /**
     * Longest work, in seconds: 45 minutes, 20 for a spared horse; less on the way back from a break, and by what was ridden
     * earlier today, of which a little always stays; of all that the part which ground and weather leave.
     */
    public int workCapS() {
        int capMinutes = (int) WorkedLongEnough.of(stop).limit(horse.isSpared()).toMinutes();
        int cleared = state.limits().map(l -> l.minutes().orElse(capMinutes)).orElse(capMinutes);
        int wholeS = 60
                * Math.min(Math.min(capMinutes, cleared), horse.allowedMinutes().orElse(capMinutes));
        int ofDayS = (int) (wholeS * shareOfDay());
        return Math.max(Math.min(ofDayS, PlanRules.ALWAYS_LEFT_S), ofDayS - riddenTodayS());
    }

    /** What is proposed at the most because of an outing, in seconds; half a lesson on a day for resting or a hack. The coach may do more. */
    int outingCapS() {
        return horse.outing()
                .map(DayOfOuting::day)
                .map(d -> switch (d.kind()) {
                    case EASY, HALF_LESSON, TRAVEL_AND_LOOK_AROUND -> 60 * d.minutes();
                    case REST_OR_HACK -> 60 * Outing.LESSON_MINUTES / 2;
                    case LESSON, HARD, COUNTS -> Integer.MAX_VALUE;
                })
                .orElse(Integer.MAX_VALUE);
    }

    /** Longest turn on one rein, in seconds. */
    public int turnCapS() {
        boolean isShort = horse.isFirstYear() || horse.isFirstMonthBack();
        return 60 * stop.whole(isShort ? "turn.sparedMinutes" : "turn.minutes");
    }
}
