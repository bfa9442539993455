package strophos.core.homework;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

/** Both sides of every threshold of homework (rules 8; common practice, no source). */
public final class HomeworkCases {

    private static final LocalDate SET = LocalDate.of(2026, 3, 2);
    private static final RungId RUNG = new RungId("circle-bend", Gait.WALK, Place.CIRCLE);
    private static final Dose DOSE = new Dose(4, DoseRange.Unit.CIRCLES, 240);

    private HomeworkCases() {}

    public static Cases all() {
        return new Cases(HomeworkThresholds.SET)
                .with("twice not yet", on(2, false, Feel.NOT_YET, Feel.NOT_YET), "BACK to 0, NOT_YET_DUE, over 0")
                .with("once", on(1, false, Feel.NOT_YET), "CARRY_ON at 1, NOT_YET_DUE, over 0")
                .with(
                        "three practices",
                        on(3, false, Feel.GETTING_THERE, Feel.GETTING_THERE, Feel.GETTING_THERE),
                        "CARRY_ON at 1, DUE, over 0")
                .with(
                        "two practices",
                        on(3, false, Feel.GETTING_THERE, Feel.GETTING_THERE),
                        "CARRY_ON at 1, NOT_YET_DUE, over 0")
                .with("seven days", on(7, false), "CARRY_ON at 1, DUE, over 0")
                .with("six days", on(6, false), "CARRY_ON at 1, NOT_YET_DUE, over 0")
                .with("a brand-new aid on the next day", on(1, true), "CARRY_ON at 1, NEW_AID, over 0")
                .with("on its own day", on(0, true), "CARRY_ON at 1, NOT_YET_DUE, over 0")
                .with("one and a half of the dose", t -> over(t, 360), "0")
                .with("a second more", t -> over(t, 361), "1");
    }

    /** A report a day, the dose done. */
    private static Function<Thresholds, String> on(int day, boolean isBrandNew, Feel... feels) {
        return t -> {
            List<HomeworkEvent> events = new ArrayList<>();
            for (Feel feel : feels) {
                events.add(report(events.size() + 1, feel, 240));
            }
            Assignment of = assignment(isBrandNew);
            HomeworkState state = HomeworkFold.on(SET.plusDays(day), of, events, t);
            String step = state.moves().isEmpty() ? " at " + state.step() : " to " + state.step();
            String advised =
                    state.moves().isEmpty() ? state.advised(of).orElseThrow().name() : "BACK";
            return advised + step + ", " + state.lookIn() + ", over "
                    + state.overDays().size();
        };
    }

    private static String over(Thresholds t, int seconds) {
        HomeworkState state =
                HomeworkFold.on(SET.plusDays(2), assignment(false), List.of(report(1, Feel.GETTING_THERE, seconds)), t);
        return String.valueOf(state.overDays().size());
    }

    private static HomeworkEvent.Report report(int day, Feel feel, int seconds) {
        Proportion none = new Proportion(0, 0);
        return new HomeworkEvent.Report(SET.plusDays(day), feel, seconds, seconds, none, none, Set.of(), false, false);
    }

    private static Assignment assignment(boolean isBrandNew) {
        return new Assignment(
                List.of(new Step(RUNG, DOSE), new Step(RUNG, DOSE)),
                1,
                new Gate(2, 5, OptionalDouble.empty()),
                5,
                SET,
                isBrandNew);
    }
}
