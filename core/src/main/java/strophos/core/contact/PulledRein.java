package strophos.core.contact;

import java.util.OptionalDouble;
import strophos.core.exchange.Side;

/** Which channel answers a pull at one rein: how left and right are told, and how swapped ones are found. */
public enum PulledRein {
    LEFT,
    RIGHT,
    /** Neither rose enough, or both did: pull one rein alone, once more. */
    UNCLEAR;

    /** A pull that is meant, in kilograms (common practice, no source). */
    public static final double LEAST_KG = 1;

    /** The other rein rises by less than this share of it. */
    static final double OTHER_SHARE = 0.5;

    /** From what was read while somebody pulled one rein, the horse standing, both reins hanging before. */
    public static PulledRein of(ReinSeries pull) {
        double left = rise(pull, Side.LEFT);
        double right = rise(pull, Side.RIGHT);
        if (left >= LEAST_KG && right <= OTHER_SHARE * left) {
            return LEFT;
        }
        return right >= LEAST_KG && left <= OTHER_SHARE * right ? RIGHT : UNCLEAR;
    }

    /** From the lowest quarter of the readings to the highest. */
    private static double rise(ReinSeries pull, Side side) {
        KgCounts counts = KgCounts.of(pull, side);
        OptionalDouble highest = AidSize.highest(pull, side);
        return highest.isEmpty() ? 0 : highest.getAsDouble() - counts.quantile(0.25);
    }
}
