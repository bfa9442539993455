package strophos.core.stats;

import org.hipparchus.distribution.continuous.GammaDistribution;

/** The exact interval of a Poisson count ([12]): errors a minute, faults a kilometre. */
public final class Garwood {

    private Garwood() {}

    /**
     * The 95 % interval of the mean of which {@code events} were counted: χ² quantiles over 2, here as quantiles of the
     * gamma distribution. With no event the low end is exactly 0.
     *
     * @param events at least 0
     */
    public static Interval of(int events) {
        if (events < 0) {
            throw new IllegalArgumentException("Events (%d) must be at least 0.".formatted(events));
        }
        double low = events == 0 ? 0 : new GammaDistribution(events, 1).inverseCumulativeProbability(0.025);
        double high = new GammaDistribution(events + 1.0, 1).inverseCumulativeProbability(0.975);
        return new Interval(low, high);
    }

    /**
     * The same as a rate.
     *
     * @param exposure minutes, kilometres; above 0
     */
    public static Interval rate(int events, double exposure) {
        if (!(exposure > 0)) {
            throw new IllegalArgumentException("The exposure (%s) must be above 0.".formatted(exposure));
        }
        Interval counts = of(events);
        return new Interval(counts.low() / exposure, counts.high() / exposure);
    }
}
