package strophos.core.forecast;

import java.util.ArrayList;
import java.util.List;
import strophos.core.stats.Interval;

/**
 * The pair's own gain, and only the gain, from its record: a grid of gains, weighed by what was seen in coached lessons
 * (successes are binomial with the state as their chance) and by what is known of pairs in general (lognormal round the
 * standard, spread {@value #LOG_SD} on the log scale; assumption). With fewer practices than asked for, only the latter.
 *
 * @param gains the grid
 * @param weights of the gains, summing up to 1
 * @param practices in the record
 * @param isFitted whether the pair's own record was used
 */
public record GainFit(List<Double> gains, List<Double> weights, int practices, boolean isFitted) {

    static final double LOG_SD = 0.5;

    private static final int GRID = 118;
    private static final double LEAST = 0.015;
    private static final double STEP = 0.005;

    public GainFit {
        gains = List.copyOf(gains);
        weights = List.copyOf(weights);
    }

    /** @param fewest practices from which on the pair's own record is used */
    public static GainFit of(History history, LearnerRules rules, int fewest) {
        int practices = history.practices().size();
        boolean isFitted = practices >= fewest;
        List<Double> gains = new ArrayList<>();
        double[] logs = new double[GRID];
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < GRID; i++) {
            double gain = LEAST + i * STEP;
            gains.add(gain);
            double z = Math.log(gain / rules.gain()) / LOG_SD;
            logs[i] = -z * z / 2 - Math.log(gain) + (isFitted ? logLikelihood(history, rules.withGain(gain)) : 0);
            highest = Math.max(highest, logs[i]);
        }
        double sum = 0;
        for (int i = 0; i < GRID; i++) {
            logs[i] = Math.exp(logs[i] - highest);
            sum += logs[i];
        }
        List<Double> weights = new ArrayList<>();
        for (double w : logs) {
            weights.add(w / sum);
        }
        return new GainFit(gains, weights, practices, isFitted);
    }

    private static double logLikelihood(History history, LearnerRules rules) {
        Learner learner = Learner.beginning(rules, history.events().get(0).day().toEpochDay());
        double sum = 0;
        for (History.Event e : history.events()) {
            if (e instanceof History.PracticeDay p) {
                learner = learner.practised(p.day().toEpochDay(), p.isGood());
            } else if (e instanceof History.LessonDay seen) {
                // never quite 0 or 1: one lucky YES at the beginning must not rule out all gains
                double s =
                        Math.min(0.99, Math.max(0.01, learner.skillOn(seen.day().toEpochDay())));
                int yes = seen.successes().successes();
                sum += yes * Math.log(s) + (seen.successes().total() - yes) * Math.log(1 - s);
            }
        }
        return sum;
    }

    /** The gain below which this share of the weight lies. */
    public double quantile(double share) {
        double sum = 0;
        for (int i = 0; i < gains.size(); i++) {
            sum += weights.get(i);
            if (sum >= share) {
                return gains.get(i);
            }
        }
        return gains.get(gains.size() - 1);
    }

    /** The middle nine tenths. */
    public Interval interval() {
        return new Interval(quantile(0.05), quantile(0.95));
    }
}
