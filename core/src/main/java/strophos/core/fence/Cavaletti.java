package strophos.core.fence;

/**
 * A row of cavaletti, bounce after bounce, as it is mostly begun (common practice, no source).
 *
 * @param apartM from one to the next
 * @param heightM how high
 */
public record Cavaletti(int count, double apartM, double heightM) {

    /** Above this height it is a fence, in metres. */
    public static final double NO_LONGER_M = 0.6;

    private static final int COUNT = 3;

    private static final double HEIGHT_M = 0.4;

    /**
     * In the middle of what suits a horse of this stride.
     *
     * @param strideM to fences, above 0
     */
    public static Cavaletti of(double strideM) {
        double apartM = (RelatedLine.leastBounceM(strideM) + RelatedLine.mostBounceM(strideM)) / 2;
        return new Cavaletti(COUNT, apartM, HEIGHT_M);
    }
}
