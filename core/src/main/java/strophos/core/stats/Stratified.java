package strophos.core.stats;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.distribution.discrete.HypergeometricDistribution;

/**
 * The exact conditional test of 2×2×k tables (Cochran–Mantel–Haenszel, exact; [5], [6]): does {@code with} differ from
 * {@code without} when lessons, which have good and bad days of their own, are kept apart?
 */
public final class Stratified {

    /** Sums within this relative distance of the observed one's probability count as equally likely. */
    private static final double TIE = 1 + 1e-7;

    private Stratified() {}

    /** One stratum: successes with the factor, and without it. */
    public record Table(Proportion with, Proportion without) {}

    /**
     * The answer.
     *
     * @param p two-sided, in (0, 1]; 1 when no stratum tells anything
     * @param oddsRatio Mantel–Haenszel's common odds ratio; empty when it is 0/0, infinite when only its lower sum is 0
     * @param informative strata in which both rows were counted and both answers came
     */
    public record Result(double p, OptionalDouble oddsRatio, int informative) {}

    /** The test over all strata; a stratum without both rows or with one answer only adds nothing. */
    public static Result test(List<Table> strata) {
        List<Table> told = strata.stream().filter(Stratified::isInformative).toList();
        double[] sum = {1};
        int offset = 0;
        int observed = 0;
        for (Table t : told) {
            HypergeometricDistribution one = distribution(t);
            sum = convolved(sum, one);
            offset += one.getSupportLowerBound();
            observed += t.with().successes();
        }
        double bound = sum[observed - offset] * TIE;
        double p = 0;
        for (double each : sum) {
            p += each <= bound ? each : 0;
        }
        return new Result(Math.min(1, p), oddsRatio(strata), told.size());
    }

    private static boolean isInformative(Table t) {
        int successes = t.with().successes() + t.without().successes();
        int all = t.with().total() + t.without().total();
        return !t.with().isEmpty() && !t.without().isEmpty() && successes > 0 && successes < all;
    }

    private static HypergeometricDistribution distribution(Table t) {
        return new HypergeometricDistribution(
                t.with().total() + t.without().total(),
                t.with().successes() + t.without().successes(),
                t.with().total());
    }

    private static double[] convolved(double[] sum, HypergeometricDistribution one) {
        int low = one.getSupportLowerBound();
        double[] weights = new double[one.getSupportUpperBound() - low + 1];
        for (int k = 0; k < weights.length; k++) {
            weights[k] = one.probability(low + k);
        }
        double[] next = new double[sum.length + weights.length - 1];
        for (int i = 0; i < sum.length; i++) {
            for (int k = 0; k < weights.length; k++) {
                next[i + k] += sum[i] * weights[k];
            }
        }
        return next;
    }

    /** Σ (a d / n) / Σ (b c / n). */
    private static OptionalDouble oddsRatio(List<Table> strata) {
        double up = 0;
        double down = 0;
        for (Table t : strata) {
            double n = t.with().total() + t.without().total();
            if (n > 0) {
                up += t.with().successes()
                        * (double) (t.without().total() - t.without().successes())
                        / n;
                down += t.without().successes()
                        * (double) (t.with().total() - t.with().successes())
                        / n;
            }
        }
        return up == 0 && down == 0 ? OptionalDouble.empty() : OptionalDouble.of(up / down);
    }
}
