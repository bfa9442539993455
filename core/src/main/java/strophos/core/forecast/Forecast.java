package strophos.core.forecast;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import strophos.core.judgement.Thresholds;

/**
 * When a rung may be learnt: a range of dates for each number of days a week. Monte Carlo over the spread of the gain and,
 * once the pair's own record is used, over practices that do not succeed. The same seed gives the same dates.
 *
 * @param ranges one for each number of days a week asked for
 * @param fit of the gain
 */
public record Forecast(List<Range> ranges, GainFit fit) {

    /** Further than this nothing is said. */
    static final int HORIZON_DAYS = 730;

    static final int DRAWS = 400;
    private static final int WEEK = 7;

    public Forecast {
        ranges = List.copyOf(ranges);
    }

    /**
     * The middle eight tenths of what came out.
     *
     * @param daysAWeek in [1, 7]
     * @param early one in ten is earlier; empty: not within two years
     * @param likely the middle
     * @param late one in ten is later
     */
    public record Range(
            int daysAWeek, Optional<LocalDate> early, Optional<LocalDate> likely, Optional<LocalDate> late) {}

    /**
     * From a day on, with practices from that day on.
     *
     * @param history before {@code from}
     * @param daysAWeek each in [1, 7]
     * @param t of {@link ForecastThresholds#SET}
     */
    public static Forecast of(History history, LocalDate from, List<Integer> daysAWeek, Thresholds t, long seed) {
        if (daysAWeek.stream().anyMatch(d -> d < 1 || d > WEEK)) {
            throw new IllegalArgumentException("Days a week must lie in [1, 7]: %s.".formatted(daysAWeek));
        }
        LearnerRules rules = LearnerRules.of(t);
        GainFit fit = GainFit.of(history, rules, t.whole("fit.practices"));
        double goodShare = fit.isFitted() ? goodShare(history) : 1;
        List<Range> ranges = new ArrayList<>();
        for (int days : daysAWeek) {
            // the same draws for each: what differs is the days a week alone
            SplittableRandom random = new SplittableRandom(seed);
            List<Integer> drawn = new ArrayList<>();
            for (int i = 0; i < DRAWS; i++) {
                double gain = fit.quantile(random.nextDouble());
                Learner learner = history.learner(rules.withGain(gain));
                drawn.add(daysUntilLearnt(
                        startingOn(learner, history, from), from.toEpochDay(), days, goodShare, random.split()));
            }
            drawn.sort(null);
            ranges.add(new Range(days, date(from, drawn, 0.1), date(from, drawn, 0.5), date(from, drawn, 0.9)));
        }
        return new Forecast(ranges, fit);
    }

    /**
     * Days from the first practice until the one with which it is learnt, with every practice good; more than {@link
     * #HORIZON_DAYS} for never.
     */
    public static int daysUntilLearnt(LearnerRules rules, int daysAWeek) {
        return daysUntilLearnt(Learner.beginning(rules, 0), 0, daysAWeek, 1, new SplittableRandom(0));
    }

    /** Nothing was practised yet: it begins on the first day. */
    private static Learner startingOn(Learner learner, History history, LocalDate from) {
        return history.isEmpty() ? Learner.beginning(learner.rules(), from.toEpochDay()) : learner;
    }

    private static int daysUntilLearnt(
            Learner start, long from, int daysAWeek, double goodShare, SplittableRandom random) {
        Learner learner = start;
        if (learner.isLearntOn(from)) {
            return 0;
        }
        for (int day = 0; day <= HORIZON_DAYS; day++) {
            if (isPractice(day, daysAWeek)) {
                learner = learner.practised(from + day, random.nextDouble() < goodShare);
                if (learner.isLearntOn(from + day)) {
                    return day;
                }
            }
        }
        return HORIZON_DAYS + 1;
    }

    /** Spread over the week from its first day on: three days are the first, third and fifth. */
    static boolean isPractice(int day, int daysAWeek) {
        int inWeek = day % WEEK;
        for (int i = 0; i < daysAWeek; i++) {
            if (i * WEEK / daysAWeek == inWeek) {
                return true;
            }
        }
        return false;
    }

    /** Of the practices on record; as if five good ones had gone before, so that six cannot say "never". */
    private static double goodShare(History history) {
        List<History.PracticeDay> all = history.practices();
        long good = all.stream().filter(History.PracticeDay::isGood).count();
        return (good + 5.0) / (all.size() + 5.0);
    }

    private static Optional<LocalDate> date(LocalDate from, List<Integer> sorted, double share) {
        int days = sorted.get((int) Math.round(share * (sorted.size() - 1)));
        return days > HORIZON_DAYS ? Optional.empty() : Optional.of(from.plusDays(days));
    }
}
