package strophos.core.arena;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A place to ride in.
 *
 * @param widthM across, in [5, 200]
 * @param lengthM from A to C, at least the width, at most 500
 * @param slopePct how much it rises from A to C, in [−20, 20]: metres a hundred metres; below 0 it falls
 * @param letters those that stand at this arena, and the yard's own landmarks, which may stand outside it
 */
public record Arena(Shape shape, double widthM, double lengthM, double slopePct, Map<String, Point> letters) {

    public static final double LEAST_M = 5;

    public static final double MOST_WIDTH_M = 200;

    public static final double MOST_LENGTH_M = 500;

    public static final double MOST_SLOPE_PCT = 20;

    /** How far the letters next to a corner stand from it, in both standard arenas (published), in metres. */
    static final double CORNER_LETTER_M = 6;

    /** A shorter long side has no room for letters on both halves, nor for a figure between them, in metres. */
    public static final double LETTERED_FROM_M = 2 * CORNER_LETTER_M + 2;

    /** From this length on each long side has five letters, not three: halfway between the two standard arenas. */
    private static final double FIVE_LETTERS_FROM_M = 50;

    /** Published: 20 × 40 m; K F at 6, E B at 20, H M at 34; centre line D 6, X 20, G 34. */
    public static final Arena SMALL = lettered(20, 40);

    /** Published: 20 × 60 m; K F at 6, V P 18, E B 30, S R 42, H M 54; centre line D 6, L 18, X 30, I 42, G 54. */
    public static final Arena STANDARD = lettered(20, 60);

    /** How near to the edge still counts as inside, in metres: what a tape cannot tell. */
    static final double TOLERANCE_M = 1e-3;

    public Arena {
        if (!(widthM >= LEAST_M && widthM <= MOST_WIDTH_M) || !(lengthM >= widthM && lengthM <= MOST_LENGTH_M)) {
            throw new IllegalArgumentException(
                    "An arena is %.0f to %.0f m wide (%s m) and at least as long, at most %.0f m (%s m); maybe the two are swapped."
                            .formatted(LEAST_M, MOST_WIDTH_M, widthM, MOST_LENGTH_M, lengthM));
        }
        if (!(Math.abs(slopePct) <= MOST_SLOPE_PCT)) {
            throw new IllegalArgumentException(
                    "Nobody rides figures on a slope of %s in a hundred; up to %.0f is taken."
                            .formatted(slopePct, MOST_SLOPE_PCT));
        }
        letters = Map.copyOf(letters);
    }

    /** A rectangle on the level, without letters. */
    public static Arena rectangle(double widthM, double lengthM) {
        return new Arena(Shape.RECTANGLE, widthM, lengthM, 0, Map.of());
    }

    /** On the level, without letters. */
    public static Arena oval(double widthM, double lengthM) {
        return new Arena(Shape.OVAL, widthM, lengthM, 0, Map.of());
    }

    public static Arena roundPen(double diameterM) {
        return oval(diameterM, diameterM);
    }

    /**
     * A rectangle with letters as the standard arenas have them: 6 m from the corners, the others spread evenly between.
     *
     * @param lengthM long enough for letters on both halves, from {@link #LETTERED_FROM_M}
     */
    public static Arena lettered(double widthM, double lengthM) {
        if (!(lengthM >= LETTERED_FROM_M)) {
            throw new IllegalArgumentException(
                    "Letters need a long side of at least %.0f m (%s m).".formatted(LETTERED_FROM_M, lengthM));
        }
        boolean isLong = lengthM >= FIVE_LETTERS_FROM_M;
        String left = isLong ? "KVESH" : "KEH";
        String right = isLong ? "FPBRM" : "FBM";
        String middle = isLong ? "DLXIG" : "DXG";
        double apartM = (lengthM - 2 * CORNER_LETTER_M) / (left.length() - 1);
        Map<String, Point> letters = new LinkedHashMap<>();
        letters.put("A", new Point(widthM / 2, 0));
        letters.put("C", new Point(widthM / 2, lengthM));
        for (int i = 0; i < left.length(); i++) {
            double upM = CORNER_LETTER_M + i * apartM;
            letters.put(left.substring(i, i + 1), new Point(0, upM));
            letters.put(right.substring(i, i + 1), new Point(widthM, upM));
            letters.put(middle.substring(i, i + 1), new Point(widthM / 2, upM));
        }
        return new Arena(Shape.RECTANGLE, widthM, lengthM, 0, letters);
    }

    /** Where a letter or landmark stands; empty when this arena has none of that name. */
    public Optional<Point> letter(String name) {
        return Optional.ofNullable(letters.get(name));
    }

    /**
     * Where a letter or landmark stands. A, C, B, E and X are found without a letter too: the middles of the sides, and of it
     * all.
     *
     * @throws IllegalArgumentException for a name that means nothing here
     */
    public Point place(String name) {
        return letter(name).orElseGet(() -> switch (name) {
            case "A" -> new Point(widthM / 2, 0);
            case "C" -> new Point(widthM / 2, lengthM);
            case "B" -> new Point(widthM, lengthM / 2);
            case "E" -> new Point(0, lengthM / 2);
            case "X" -> new Point(widthM / 2, lengthM / 2);
            default ->
                throw new NotRiddenHere(NotRiddenHere.Reason.NO_LETTER, "This arena has no letter %s.".formatted(name));
        });
    }

    /** Whether a place lies inside, or on the edge to a millimetre. */
    public boolean holds(Point p) {
        return outsideM(p) <= TOLERANCE_M;
    }

    /** How far outside a place lies, in metres; 0 or less inside: how far from the edge. */
    double outsideM(Point p) {
        if (shape == Shape.OVAL) {
            return p.distanceM(spine(p)) - widthM / 2;
        }
        return Math.max(Math.max(-p.xM(), p.xM() - widthM), Math.max(-p.yM(), p.yM() - lengthM));
    }

    /** How far from the fence, in metres; below 0 outside. */
    public double edgeM(Point p) {
        return -outsideM(p);
    }

    /** The way from the fence into the arena at a place on the track, in radians; empty away from the track. */
    Optional<Double> inwardRad(Point p) {
        if (Math.abs(outsideM(p)) > TOLERANCE_M) {
            return Optional.empty();
        }
        if (shape == Shape.OVAL) {
            return Optional.of(p.headingRad(spine(p)));
        }
        if (p.xM() <= TOLERANCE_M) {
            return Optional.of(0.0);
        }
        if (p.xM() >= widthM - TOLERANCE_M) {
            return Optional.of(Math.PI);
        }
        return Optional.of(p.yM() <= TOLERANCE_M ? Math.PI / 2 : -Math.PI / 2);
    }

    /** The nearest place of the line between the centres of an oval's round ends. */
    private Point spine(Point p) {
        double half = widthM / 2;
        return new Point(half, Math.min(Math.max(p.yM(), half), lengthM - half));
    }
}
