package strophos.core.forecast;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;

/**
 * The forecast's numbers in worked days: without a floor about 14, 25 and 91 days at five, three and one day a week
 * (rules 9; common practice, no source).
 */
public final class ForecastCases {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private ForecastCases() {}

    public static Cases all() {
        return new Cases(ForecastThresholds.SET)
                .with("without a floor", t -> days(Cases.moved(t, "learner.floor", 0)), "14 25 91")
                .with("with the floor of a third", ForecastCases::days, "14 23 84")
                .with("five practices are the pair's no more than six are", t -> fitted(t, 5), "false")
                .with("six are", t -> fitted(t, 6), "true")
                // by hand: 0.18, of which a third stays; the rest halves in 7 × 1.5 days
                .with("a week after one practice", t -> "%.3f".formatted(afterOne(t, 7)), "0.136")
                .with("a year after it", t -> "%.3f".formatted(afterOne(t, 365)), "0.060")
                .with(
                        "practices on one day: 1 − 0.82ⁿ ≥ 0.85 from the tenth on",
                        t -> String.valueOf(inOneDay(t)),
                        "10");
    }

    private static String days(Thresholds t) {
        LearnerRules rules = LearnerRules.of(t);
        return "%d %d %d"
                .formatted(
                        Forecast.daysUntilLearnt(rules, 5),
                        Forecast.daysUntilLearnt(rules, 3),
                        Forecast.daysUntilLearnt(rules, 1));
    }

    private static String fitted(Thresholds t, int practices) {
        List<History.Event> events = new ArrayList<>();
        for (int i = 0; i < practices; i++) {
            events.add(new History.PracticeDay(DAY.plusDays(i), true));
        }
        return String.valueOf(Forecast.of(new History(events), DAY.plusDays(9), List.of(3), t, 1)
                .fit()
                .isFitted());
    }

    private static double afterOne(Thresholds t, int days) {
        return Learner.beginning(LearnerRules.of(t), 0).practised(0, true).skillOn(days);
    }

    private static int inOneDay(Thresholds t) {
        Learner learner = Learner.beginning(LearnerRules.of(t), 0);
        int n = 0;
        while (!learner.isLearntOn(0)) {
            learner = learner.practised(0, true);
            n++;
        }
        return n;
    }
}
