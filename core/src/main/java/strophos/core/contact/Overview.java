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
        for (int p = 0; p < pieces; p++) {
            ReinSeries piece = series.part((double) p * pieceS, (double) (p + 1) * pieceS);
            overview.leftHigh[p] = edge(Level.of(piece, Side.LEFT, pieceS));
            overview.leftLow[p] = edge(Level.floor(piece, Side.LEFT, pieceS));
            overview.rightHigh[p] = edge(Level.of(piece, Side.RIGHT, pieceS));
            overview.rightLow[p] = edge(Level.floor(piece, Side.RIGHT, pieceS));
        }
        return overview;
    }

    /** Over the whole piece it is what the last sample's window holds. */
    private static short edge(short[] moving) {
        return moving.length == 0 ? ReinSeries.GAP : moving[moving.length - 1];
    }
}
