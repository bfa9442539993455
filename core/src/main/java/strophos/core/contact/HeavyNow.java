package strophos.core.contact;

import java.util.OptionalDouble;

/**
 * What is said quietly of a rein while it is ridden: that it stays over the pair's own band, and never that a figure is right or wrong.
 * Nothing is said of a light rein: a walk on a long rein is no fault. Bounds: common practice, no source.
 *
 * @param isHeavy the screen says so
 * @param isTold and a tick in the hand tells it as well
 */
public record HeavyNow(boolean isHeavy, boolean isTold) {

    /** The level stays over the band for so long before the rein is called heavy, in seconds: a half-halt is over by then. */
    public static final double STAYS_S = 3;

    /** It is not told again for so long, in seconds. */
    public static final double QUIET_S = 60;

    /**
     * Of one rein at one moment.
     *
     * @param overForS how long its level has stayed over the upper edge of the band, at least 0
     * @param sinceToldS since it was last told, for either rein; empty where it was not
     */
    public static HeavyNow of(double overForS, OptionalDouble sinceToldS) {
        boolean isHeavy = overForS >= STAYS_S;
        return new HeavyNow(isHeavy, isHeavy && (sinceToldS.isEmpty() || sinceToldS.getAsDouble() >= QUIET_S));
    }
}
