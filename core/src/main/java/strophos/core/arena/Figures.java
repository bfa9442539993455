package strophos.core.arena;

import static java.lang.Math.PI;

import java.util.ArrayList;
import java.util.List;
import strophos.core.exchange.Rein;

/** The figures the catalogue asks for, laid into an arena. All on the left rein unless a rein is given. */
public final class Figures {

    private Figures() {}

    /**
     * One lap of the track: perimeter − 4 r (2 − π/2).
     *
     * @param cornerRadiusM in (0, half the width]
     * @throws FigureLeavesArena when the corners are rounder than the arena is wide
     */
    public static Figure track(Arena arena, double cornerRadiusM) {
        double r = cornerRadiusM;
        double w = arena.widthM();
        double l = arena.lengthM();
        if (!(r > 0) || r > w / 2) {
            throw new FigureLeavesArena(new Point(w - r, r), arena);
        }
        return new Figure(List.of(
                        new Piece.Straight(new Point(r, 0), new Point(w - r, 0)),
                        new Piece.Arc(new Point(w - r, r), r, -PI / 2, PI / 2),
                        new Piece.Straight(new Point(w, r), new Point(w, l - r)),
                        new Piece.Arc(new Point(w - r, l - r), r, 0, PI / 2),
                        new Piece.Straight(new Point(w - r, l), new Point(r, l)),
                        new Piece.Arc(new Point(r, l - r), r, PI / 2, PI / 2),
                        new Piece.Straight(new Point(0, l - r), new Point(0, r)),
                        new Piece.Arc(new Point(r, r), r, PI, PI / 2)))
                .within(arena);
    }

    /**
     * A circle that touches the track at A, C, B or E, or lies about X.
     *
     * @param diameterM above 0
     * @throws IllegalArgumentException for a letter at which no circle is ridden here
     * @throws FigureLeavesArena when it is too large
     */
    public static Figure circle(Arena arena, String letter, double diameterM, Rein rein) {
        double r = diameterM / 2;
        Point at = arena.letter(letter)
                .orElseThrow(() -> new IllegalArgumentException("This arena has no letter %s.".formatted(letter)));
        Point centre = switch (letter) {
            case "A" -> new Point(at.xM(), r);
            case "C" -> new Point(at.xM(), at.yM() - r);
            case "B" -> new Point(at.xM() - r, at.yM());
            case "E" -> new Point(r, at.yM());
            case "X" -> at;
            default ->
                throw new IllegalArgumentException(
                        "Circles are ridden at A, C, B, E or X, not at %s.".formatted(letter));
        };
        double from = centre.equals(at) ? 0 : Math.atan2(at.yM() - centre.yM(), at.xM() - centre.xM());
        double turn = rein == Rein.RIGHT ? -2 * PI : 2 * PI;
        return new Figure(List.of(new Piece.Arc(centre, r, from, turn))).within(arena);
    }

    /**
     * A serpentine from A to C that touches both long sides: {@code loops} half circles joined by straight lines across
     * the centre line.
     *
     * @param loops at least 2
     * @throws FigureLeavesArena when a loop is wider than half the arena
     */
    public static Figure serpentine(Arena arena, int loops) {
        if (loops < 2) {
            throw new IllegalArgumentException("A serpentine has at least 2 loops, not %d.".formatted(loops));
        }
        double w = arena.widthM();
        double r = arena.lengthM() / (2 * loops);
        if (r > w / 2) {
            throw new FigureLeavesArena(new Point(w - 2 * r, r), arena);
        }
        List<Piece> pieces = new ArrayList<>();
        Point from = new Point(w / 2, 0);
        for (int i = 0; i < loops; i++) {
            boolean isRight = i % 2 == 0;
            double turnX = isRight ? w - r : r;
            Point entry = new Point(turnX, 2 * r * i);
            pieces.add(new Piece.Straight(from, entry));
            pieces.add(new Piece.Arc(new Point(turnX, 2 * r * i + r), r, -PI / 2, isRight ? PI : -PI));
            from = new Point(turnX, 2 * r * (i + 1));
        }
        pieces.add(new Piece.Straight(from, new Point(w / 2, arena.lengthM())));
        return new Figure(pieces).within(arena);
    }
}
