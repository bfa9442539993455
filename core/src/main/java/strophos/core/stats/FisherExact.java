package strophos.core.stats;

import org.hipparchus.distribution.discrete.HypergeometricDistribution;

/** Fisher's exact test of one 2×2 table ([3]). */
public final class FisherExact {

    /** Tables within this relative distance of the observed one's probability count as equally likely. */
    private static final double TIE = 1 + 1e-7;

    private FisherExact() {}

    /**
     * Two-sided p-value: the probability, with all margins fixed, of a table no likelier than the one observed.
     *
     * <p>Degenerate cases: a row or column of zeros gives 1 (one table only). Result in (0, 1].
     */
    public static double twoSided(Proportion a, Proportion b) {
        int all = a.total() + b.total();
        int successes = a.successes() + b.successes();
        if (a.isEmpty() || b.isEmpty() || successes == 0 || successes == all) {
            return 1;
        }
        HypergeometricDistribution tables = new HypergeometricDistribution(all, successes, a.total());
        double bound = tables.probability(a.successes()) * TIE;
        double p = 0;
        for (int k = tables.getSupportLowerBound(); k <= tables.getSupportUpperBound(); k++) {
            double one = tables.probability(k);
            p += one <= bound ? one : 0;
        }
        return Math.min(1, p);
    }
}
