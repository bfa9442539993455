package strophos.core.arena;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A rectangle of sand.
 *
 * @param widthM across, more than 0
 * @param lengthM from A to C, at least the width
 * @param letters those that stand at this arena, on the track or on the centre line
 */
public record Arena(double widthM, double lengthM, Map<String, Point> letters) {

    /** Published: 20 × 40 m; K F at 6, E B at 20, H M at 34; centre line D 6, X 20, G 34. */
    public static final Arena SMALL = standard(40, new double[] {6, 20, 34}, "KEH", "FBM", "DXG");

    /** Published: 20 × 60 m; K F at 6, V P 18, E B 30, S R 42, H M 54; centre line D 6, L 18, X 30, I 42, G 54. */
    public static final Arena STANDARD = standard(60, new double[] {6, 18, 30, 42, 54}, "KVESH", "FPBRM", "DLXIG");

    /** How near to the edge still counts as inside, in metres: rounding, not room. */
    static final double TOLERANCE_M = 1e-6;

    public Arena {
        if (!(widthM > 0) || !(lengthM >= widthM)) {
            throw new IllegalArgumentException(
                    "An arena's width (%s m) must be above 0 and its length (%s m) no less, maybe the two are swapped."
                            .formatted(widthM, lengthM));
        }
        letters = Map.copyOf(letters);
    }

    private static Arena standard(double lengthM, double[] atM, String left, String right, String middle) {
        Map<String, Point> letters = new LinkedHashMap<>();
        letters.put("A", new Point(10, 0));
        letters.put("C", new Point(10, lengthM));
        for (int i = 0; i < atM.length; i++) {
            letters.put(left.substring(i, i + 1), new Point(0, atM[i]));
            letters.put(right.substring(i, i + 1), new Point(20, atM[i]));
            letters.put(middle.substring(i, i + 1), new Point(10, atM[i]));
        }
        return new Arena(20, lengthM, letters);
    }

    /** Where a letter stands; empty when this arena has none of that name. */
    public Optional<Point> letter(String name) {
        return Optional.ofNullable(letters.get(name));
    }

    boolean holds(Point p) {
        return p.xM() >= -TOLERANCE_M
                && p.yM() >= -TOLERANCE_M
                && p.xM() <= widthM + TOLERANCE_M
                && p.yM() <= lengthM + TOLERANCE_M;
    }
}
