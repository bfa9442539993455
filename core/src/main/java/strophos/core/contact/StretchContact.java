package strophos.core.contact;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;

/**
 * All that is read from one stretch of one gait.
 *
 * @param strideS the window its levels were taken over: its own stride where the beat is known, else {@link Level#STRIDE_S}
 * @param leftBlocks the left rein's level by blocks ({@link BlockMeans#blocks}); {@code rightBlocks} the right one's
 * @param leftHeavy whether the left rein gets heavy; empty without a band, and where too little was measured; {@code rightHeavy} the
 *     right one
 * @param inBand for how long both were in the band; empty without one
 * @param softAgain each time a rein was over the band; none without one
 */
public record StretchContact(
        double strideS,
        BothReins reins,
        Rhythm rhythm,
        double[] leftBlocks,
        double[] rightBlocks,
        Optional<GettingHeavy> leftHeavy,
        Optional<GettingHeavy> rightHeavy,
        Optional<BandTime> inBand,
        List<SoftAgain> softAgain) {

    public StretchContact {
        softAgain = List.copyOf(softAgain);
    }

    /** A stride that takes less or more is a beat misread, in seconds (common practice, no source). */
    private static final double LEAST_STRIDE_S = 0.4;

    private static final double MOST_STRIDE_S = 1.6;

    /**
     * Of this stretch.
     *
     * @param gait one stride has two peaks at walk and trot, one at canter [2]; of other gaits it is not known
     * @param band the pair's own; its upper edge is the limit
     */
    public static StretchContact of(ReinSeries stretch, Gait gait, Optional<Band> band) {
        Rhythm rhythm = Rhythm.of(stretch);
        double strideS = strideS(rhythm, gait);
        short[] left = Level.of(stretch, Side.LEFT, strideS);
        short[] right = Level.of(stretch, Side.RIGHT, strideS);
        double rateHz = stretch.rateHz();
        return new StretchContact(
                strideS,
                new BothReins(
                        ReinLevel.of(stretch.copy(Side.LEFT), left, rateHz, band),
                        ReinLevel.of(stretch.copy(Side.RIGHT), right, rateHz, band)),
                rhythm,
                BlockMeans.blocks(left, rateHz),
                BlockMeans.blocks(right, rateHz),
                band.flatMap(b -> GettingHeavy.of(left, rateHz, strideS, b.highKg())),
                band.flatMap(b -> GettingHeavy.of(right, rateHz, strideS, b.highKg())),
                band.map(b -> BandTime.of(left, right, rateHz, b)),
                band.map(b -> SoftAgain.of(left, right, rateHz, strideS, b.highKg()))
                        .orElse(List.of()));
    }

    private static double strideS(Rhythm rhythm, Gait gait) {
        int peaks = gait.equals(Gait.WALK) || gait.equals(Gait.TROT) ? 2 : gait.equals(Gait.CANTER) ? 1 : 0;
        if (peaks == 0 || !(rhythm instanceof Rhythm.Regular regular)) {
            return Level.STRIDE_S;
        }
        double strideS = peaks * 60 / regular.peaksAMinute();
        return strideS >= LEAST_STRIDE_S && strideS <= MOST_STRIDE_S ? strideS : Level.STRIDE_S;
    }

    /** Metres ridden until a rein stayed over the limit; empty where it never did, or the speed is not known. */
    public static OptionalDouble metres(GettingHeavy heavy, OptionalDouble speedMs) {
        return heavy.overFromS().isEmpty() || speedMs.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(heavy.overFromS().getAsDouble() * speedMs.getAsDouble());
    }
}
