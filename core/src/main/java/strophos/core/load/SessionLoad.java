package strophos.core.load;

import java.time.Duration;

/**
 * The load of one session: minutes times effort ([1] of the package).
 *
 * @param load in arbitrary units, at least 0
 */
public record SessionLoad(double load) {

    private static final int MOST_EFFORT = 10;

    /**
     * @param ridden at least 0
     * @param effort the horse's as judged, in [0, 10]
     */
    public static SessionLoad of(Duration ridden, int effort) {
        if (ridden.isNegative() || effort < 0 || effort > MOST_EFFORT) {
            throw new IllegalArgumentException(
                    "A load needs a time of at least 0 (%s) and an effort in [0, 10] (%d).".formatted(ridden, effort));
        }
        return new SessionLoad(ridden.toSeconds() / 60.0 * effort);
    }
}
