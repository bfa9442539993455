package strophos.core.setout;

/**
 * A person's pace, for setting out without a tape.
 *
 * @param paceM from heel to heel, in [0.4, 1.5]
 */
public record OwnPace(double paceM) {

    /** 3 ft. */
    public static final OwnPace USUAL = new OwnPace(0.914);

    public OwnPace {
        if (!(paceM >= 0.4 && paceM <= 1.5)) {
            throw new IllegalArgumentException(
                    "A pace is 0.4 to 1.5 m (%s m); maybe the length was walked in feet, or paces were missed."
                            .formatted(paceM));
        }
    }

    /**
     * By walking a known length.
     *
     * @param paces counted, at least 1
     */
    public static OwnPace walked(double lengthM, int paces) {
        if (!(lengthM > 0) || paces < 1) {
            throw new IllegalArgumentException(
                    "A pace follows from a length above 0 (%s m) and 1 pace or more (%d).".formatted(lengthM, paces));
        }
        return new OwnPace(lengthM / paces);
    }

    public double paces(double lengthM) {
        return lengthM / paceM;
    }
}
