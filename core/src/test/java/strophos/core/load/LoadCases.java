package strophos.core.load;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;

/** Both sides of every threshold of load and outings (rules 9; common practice, no source). */
public final class LoadCases {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private LoadCases() {}

    public static Cases all() {
        return new Cases(LoadThresholds.SET)
                .with("a fifth more", weeks(100, 120), "BROKEN")
                .with("a little over", weeks(100, 121), "MET")
                .with("117", weeks(100, 117), "BROKEN")
                .with("after a week off", weeks(0, 100), "FEW")
                .with("ratio 1.5", ratio(150, 100), "BROKEN")
                .with("ratio 1.52", ratio(152, 100), "MET")
                .with("ratio 1.47", ratio(147, 100), "BROKEN")
                .with("nothing done", ratio(0, 0), "FEW")
                .with("three days of bend", work("bend", "bend", "bend"), "MET")
                .with("two", work("forward", "bend", "bend"), "BROKEN")
                .with("a day off between", work("bend", "", "bend", "bend"), "BROKEN")
                .with("two hard days before", outing(20, 2), "HARD_DAYS_BEFORE_IT_COUNTS")
                .with("one hard day before", outing(20, 1), "")
                .with("looks around for 21 minutes", outing(21, 0), "LOOKS_AROUND_TOO_LONG")
                .with("for 20", outing(20, 0), "")
                .with("for 14", outing(14, 0), "LOOKS_AROUND_TOO_SHORT")
                .with("planned", t -> minutes(Outing.plan(DAY, DAY.plusDays(2), false, 40, t)), "20 20 20 40 0");
    }

    private static Function<Thresholds, String> weeks(double before, double now) {
        return t -> Cases.word(WeekRises.of(t).judge(new WeekRises.Weeks(before, now)));
    }

    private static Function<Thresholds, String> ratio(double acute, double chronic) {
        return t -> Cases.word(AcuteOverChronic.of(t).judge(new AcuteChronic(acute, chronic)));
    }

    private static Function<Thresholds, String> work(String... kinds) {
        List<SameWork.Day> days = new ArrayList<>();
        for (int i = 0; i < kinds.length; i++) {
            if (!kinds[i].isEmpty()) {
                days.add(new SameWork.Day(DAY.plusDays(i), kinds[i]));
            }
        }
        return t -> Cases.word(SameWork.of(t).judge(days));
    }

    private static Function<Thresholds, String> outing(int minutes, int hardDays) {
        List<Outing.Day> days = new ArrayList<>();
        days.add(new Outing.Day(DAY, Outing.Kind.EASY, 20));
        days.add(new Outing.Day(DAY.plusDays(1), Outing.Kind.TRAVEL_AND_LOOK_AROUND, minutes));
        for (int i = 0; i < hardDays; i++) {
            days.add(new Outing.Day(DAY.plusDays(2L + i), Outing.Kind.HARD, 40));
        }
        days.add(new Outing.Day(DAY.plusDays(2L + hardDays), Outing.Kind.COUNTS, 40));
        days.add(new Outing.Day(DAY.plusDays(3L + hardDays), Outing.Kind.REST_OR_HACK, 0));
        return t -> String.join(
                " ",
                new Outing(days)
                        .warnings(false, t).stream()
                                .map(w -> w.warning().name())
                                .toList());
    }

    private static String minutes(Outing outing) {
        return String.join(
                " ",
                outing.days().stream().map(d -> String.valueOf(d.minutes())).toList());
    }
}
