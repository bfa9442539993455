package strophos.core.stats;

/** The score interval for one proportion (Wilson 1927, [1]). */
public final class Wilson {

    /** Two-sided 95 %: the 0.975 quantile of the standard normal distribution, to double precision. */
    public static final double Z_95 = 1.959963984540054;

    private Wilson() {}

    /**
     * The 95 % score interval: {@code (p + z²/2n ± z √(p(1−p)/n + z²/4n²)) / (1 + z²/n)}.
     *
     * <p>Degenerate cases: at 0 successes the low end is exactly 0, at all successes the high end exactly 1; nothing
     * counted gives the whole range [0, 1]. Accuracy: a few units in the last place.
     */
    public static Interval of(Proportion counted) {
        if (counted.isEmpty()) {
            return new Interval(0, 1);
        }
        double n = counted.total();
        double p = counted.share();
        double z2 = Z_95 * Z_95;
        double middle = p + z2 / (2 * n);
        double half = Z_95 * Math.sqrt(p * (1 - p) / n + z2 / (4 * n * n));
        double scale = 1 + z2 / n;
        double low = counted.successes() == 0 ? 0 : (middle - half) / scale;
        double high = counted.successes() == counted.total() ? 1 : (middle + half) / scale;
        return new Interval(low, high);
    }
}
