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
        int low = (int) Math.ceil(band.lowKg() * ReinSeries.HUNDREDTHS - 1e-6);
        int high = ReinSeries.limit(band.highKg());
        int inside = 0;
        int measured = 0;
        for (int i = 0; i < left.length; i++) {
            if (left[i] != ReinSeries.GAP && right[i] != ReinSeries.GAP) {
                measured++;
                int less = Math.min(left[i], right[i]);
                int more = Math.max(left[i], right[i]);
                inside += less >= low && more <= high ? 1 : 0;
            }
        }
        return new BandTime(inside / rateHz, measured / rateHz);
    }
}
