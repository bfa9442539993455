package strophos.core.fence;

/**
 * Two fences ridden one after the other in so many strides.
 *
 * @param distanceM from foot to foot between them, in [2, 60]
 * @param fenceM height of the fences; up to {@link #LOW_M} take-off and landing shrink
 */
public record RelatedLine(double distanceM, double fenceM) {

    /** Take-off and landing over fences up to this height are shorter (common practice, no source), in metres. */
    public static final double LOW_M = 0.5;

    /** Take-off and landing of such fences together: 8 ft for a horse whose stride is 12 ft. */
    private static final double LOW_SHARE = 8.0 / 12;

    /** A bounce is 9 to 12 ft for a horse whose stride is 12 ft (common handbook table). */
    private static final double LEAST_BOUNCE_SHARE = 9.0 / 12;

    /** With less than this of a stride nobody would put one in. */
    private static final double BOUNCE_BELOW = 0.5;

    public static final double LEAST_M = 2;

    public static final double MOST_M = 60;

    /** A stride within this share of its own length is ridden as it is (common practice, no source). */
    static final double AS_IT_IS = 0.02;

    /** Stretched or shortened by more than this the line does not fit (common practice, no source). */
    static final double STILL_FITS = 0.10;

    public RelatedLine {
        if (!(distanceM >= LEAST_M && distanceM <= MOST_M) || !(fenceM >= 0 && fenceM <= 2)) {
            throw new IllegalArgumentException(
                    "Related fences stand %.0f to %.0f m apart (%s m) and are up to 2 m high (%s m)."
                            .formatted(LEAST_M, MOST_M, distanceM, fenceM));
        }
    }

    /** How a number of strides suits a horse on this line. */
    public enum Suits {
        SHORT,
        AS_IT_IS,
        LONG,
        /** Neither stretching nor shortening is enough: the fence must move. */
        MOVE
    }

    /**
     * So many strides of one horse on this line.
     *
     * @param strideM as it must be ridden, take-off and landing shrinking or growing with it
     * @param fixedStrideM the same if take-off and landing keep the horse's own length
     * @param moveOutM how far the second fence must move away for the horse's own stride; below 0 it comes nearer
     */
    public record Count(int strides, double strideM, double fixedStrideM, double moveOutM, Suits suits) {}

    /** From fence to fence for this many strides: take-off, the strides, landing. */
    public static double distanceM(int strides, double strideM, double fenceM) {
        if (strides < 0 || !(strideM > 0)) {
            throw new IllegalArgumentException(
                    "A line has 0 strides or more (%d) of a length above 0 (%s m).".formatted(strides, strideM));
        }
        return (strides + ends(fenceM)) * strideM;
    }

    /** How many strides of this length there are between the fences: 6.2 is a long six. */
    public double strides(double strideM) {
        return distanceM / strideM - ends(fenceM);
    }

    /** The number that suits best: the nearest whole one, at least 0. */
    public int nearest(double strideM) {
        return (int) Math.max(0, Math.round(strides(strideM)));
    }

    /** Whether the second fence is jumped from where the horse lands: there is no stride between. */
    public boolean isBounce(double strideM) {
        return strides(strideM) < BOUNCE_BELOW;
    }

    /** The shortest bounce that suits: 9 ft for a horse whose stride is 12 ft. */
    public static double leastBounceM(double strideM) {
        return LEAST_BOUNCE_SHARE * strideM;
    }

    /** The longest: 12 ft for such a horse. */
    public static double mostBounceM(double strideM) {
        return strideM;
    }

    /**
     * @param strides at least 1
     * @param ownM the horse's stride in a jumping canter, above 0
     */
    public Count in(int strides, double ownM) {
        if (strides < 1 || !(ownM > 0)) {
            throw new IllegalArgumentException(
                    "A line is ridden in 1 stride or more (%d) of a length above 0 (%s m).".formatted(strides, ownM));
        }
        double strideM = distanceM / (strides + ends(fenceM));
        double fixedM = (distanceM - ends(fenceM) * ownM) / strides;
        return new Count(strides, strideM, fixedM, distanceM(strides, ownM, fenceM) - distanceM, suits(strideM / ownM));
    }

    private static Suits suits(double share) {
        if (Math.abs(share - 1) <= AS_IT_IS) {
            return Suits.AS_IT_IS;
        }
        if (Math.abs(share - 1) > STILL_FITS) {
            return Suits.MOVE;
        }
        return share > 1 ? Suits.LONG : Suits.SHORT;
    }

    /** Take-off and landing together, in strides. */
    private static double ends(double fenceM) {
        return fenceM <= LOW_M ? LOW_SHARE : 1;
    }
}
