package strophos.core.bend;

/** Uniform bend from poll to dock. */
public final class Bend {

    /** The smallest volte ridden in competitions (published: national and international rules), in metres. */
    public static final double SMALLEST_VOLTE_M = 6;

    /** Length along the spine as a multiple of the height at the withers (assumption, no source). */
    static final double LENGTH_PER_HEIGHT = 1.5;

    private Bend() {}

    /**
     * Length from poll to dock, in metres, when it was not measured: 1.5 × height.
     *
     * @param heightCm at the withers, in [60, 220]
     */
    public static double lengthM(int heightCm) {
        if (heightCm < 60 || heightCm > 220) {
            throw new IllegalArgumentException(
                    "A horse's height (%d cm) must lie in [60, 220], maybe it is in hands or inches."
                            .formatted(heightCm));
        }
        return LENGTH_PER_HEIGHT * heightCm / 100;
    }

    /**
     * The bend on a circle: θ = L / R, in radians.
     *
     * @param lengthM poll to dock, above 0
     * @param diameterM of the circle, at least {@link #SMALLEST_VOLTE_M}
     */
    public static double angleRad(double lengthM, double diameterM) {
        if (!(lengthM > 0) || !(diameterM >= SMALLEST_VOLTE_M)) {
            throw new IllegalArgumentException(
                    "A bend needs a length above 0 (%s m) and a circle of at least %s m (%s m); smaller turns are steps, not bends."
                            .formatted(lengthM, SMALLEST_VOLTE_M, diameterM));
        }
        return 2 * lengthM / diameterM;
    }

    /**
     * The circle on which a horse bends this much, in metres across: 2 L / θ.
     *
     * @param lengthM poll to dock, above 0
     * @param angleRad above 0
     */
    public static double diameterM(double lengthM, double angleRad) {
        if (!(lengthM > 0) || !(angleRad > 0)) {
            throw new IllegalArgumentException(
                    "A circle follows from a length (%s m) and an angle (%s rad) above 0; a straight horse has none."
                            .formatted(lengthM, angleRad));
        }
        return 2 * lengthM / angleRad;
    }
}
