package strophos.server.ground;

import strophos.core.arena.Piece;

/** A stretch of a figure, as sent: a straight piece has a radius of 0 and no centre or sweep (0). */
public record PieceView(
        double x1,
        double y1,
        double x2,
        double y2,
        double centreX,
        double centreY,
        double radiusM,
        double fromRad,
        double sweepRad) {

    public static PieceView of(Piece p) {
        double x1 = p.start().xM();
        double y1 = p.start().yM();
        double x2 = p.end().xM();
        double y2 = p.end().yM();
        return p instanceof Piece.Arc a
                ? new PieceView(
                        x1, y1, x2, y2, a.centre().xM(), a.centre().yM(), a.radiusM(), a.fromRad(), a.sweepRad())
                : new PieceView(x1, y1, x2, y2, 0, 0, 0, 0, 0);
    }
}
