package strophos.core.contact;

/**
 * For how long both reins lay in the pair's band at once: one in it while the other hangs or leans is no contact in the band.
 *
 * @param insideS at most {@code measuredS}
 * @param measuredS seconds in which both reins were measured
 */
public record BandTime(double insideS, double measuredS) {

    /** Of two levels of the same stretch, sample for sample. */
    static BandTime of(short[] left, short[] right, double rateHz, Band band) {
        int inside = 0;
        int measured = 0;
        for (int i = 0; i < left.length; i++) {
            if (left[i] != ReinSeries.GAP && right[i] != ReinSeries.GAP) {
                measured++;
                inside += isIn(left[i], band) && isIn(right[i], band) ? 1 : 0;
            }
        }
        return new BandTime(inside / rateHz, measured / rateHz);
    }

    private static boolean isIn(short level, Band band) {
        return level >= band.lowKg() * ReinSeries.HUNDREDTHS && level <= band.highKg() * ReinSeries.HUNDREDTHS;
    }
}
