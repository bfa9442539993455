package strophos.core.fence;

/** Times and strides of a course. */
public final class Course {

    /** Speeds that are ridden over fences, in metres a minute. */
    public static final double LEAST_SPEED = 200;

    public static final double MOST_SPEED = 700;

    private Course() {}

    /**
     * The time allowed: length over speed, in seconds, as it is: rounding up to whole seconds is the rule book's.
     *
     * @param lengthM above 0
     * @param speedMMin metres a minute, in [200, 700]
     */
    public static double allowedSeconds(double lengthM, double speedMMin) {
        if (!(lengthM > 0) || !(speedMMin >= LEAST_SPEED && speedMMin <= MOST_SPEED)) {
            throw new IllegalArgumentException(
                    "A course has a length above 0 (%s m) and is ridden at %.0f to %.0f m/min (%s)."
                            .formatted(lengthM, LEAST_SPEED, MOST_SPEED, speedMMin));
        }
        return 60 * lengthM / speedMMin;
    }

    /**
     * Strides of this length from a fence to the next, turns and all: take-off and landing take one of them. Below 0.5 it is a bounce.
     *
     * @param lengthM from fence to fence, above 0
     * @param strideM above 0
     */
    public static double strides(double lengthM, double strideM) {
        if (!(lengthM > 0) || !(strideM > 0)) {
            throw new IllegalArgumentException(
                    "From fence to fence it is more than 0 m (%s m), in strides of more than 0 m (%s m)."
                            .formatted(lengthM, strideM));
        }
        return Math.max(0, lengthM / strideM - 1);
    }
}
