package strophos.core.contact;

import strophos.core.exchange.Side;

/**
 * A whole series in few places, for a drawing: of each piece of equal length the highest and the lowest reading of both reins, in
 * hundredths of a kilogram or {@link ReinSeries#GAP}.
 *
 * @param pieceS the length of a piece in whole seconds
 */
public record Overview(int pieceS, short[] leftHigh, short[] leftLow, short[] rightHigh, short[] rightLow) {

    /** More than a screen has pixels for is no use. */
    public static final int MOST_PIECES = 1500;

    /** Of this series; a piece is a second, or as long as it takes to need no more than {@link #MOST_PIECES}. */
    public static Overview of(ReinSeries series) {
        int pieceS = Math.max(1, (int) Math.ceil(series.seconds() / MOST_PIECES));
        int pieces = (int) Math.ceil(series.seconds() / pieceS - 1e-9);
        Overview overview =
                new Overview(pieceS, new short[pieces], new short[pieces], new short[pieces], new short[pieces]);
        short[] left = series.copy(Side.LEFT);
        short[] right = series.copy(Side.RIGHT);
        for (int p = 0; p < pieces; p++) {
            int from = series.index((double) p * pieceS);
            int to = Math.min(series.length(), series.index((double) (p + 1) * pieceS));
            overview.leftHigh[p] = edge(left, from, to, 1);
            overview.leftLow[p] = edge(left, from, to, -1);
            overview.rightHigh[p] = edge(right, from, to, 1);
            overview.rightLow[p] = edge(right, from, to, -1);
        }
        return overview;
    }

    /** @param sign 1 for the highest, -1 for the lowest */
    static short edge(short[] samples, int from, int to, int sign) {
        short edge = ReinSeries.GAP;
        for (int i = from; i < to; i++) {
            short now = samples[i];
            if (now != ReinSeries.GAP && (edge == ReinSeries.GAP || sign * now > sign * edge)) {
                edge = now;
            }
        }
        return edge;
    }
}
