package strophos.core.sideways;

/** Quarters in on a circle: the forehand goes on one circle, the hind feet on a smaller one about the same middle. */
public final class QuartersIn {

    /** From fore to hind feet as a multiple of the height (assumption; editable). */
    public static final double FORE_TO_HIND_PER_HEIGHT = 0.75;

    /** What is aimed at in a test, in radians: about 30° (international rules; from memory). */
    public static final double AIMED_AT_RAD = Math.toRadians(30);

    private QuartersIn() {}

    /**
     * How far the quarters come in beyond following the forehand on its circle:
     * asin((Rf² + w² − Rh²) / (2 Rf w)) − asin(w / (2 Rf)), in radians.
     *
     * @param foreRadiusM above half of {@code foreToHindM}
     * @param hindRadiusM in (|Rf − w|, Rf]: no horse reaches further in
     * @param foreToHindM above 0
     */
    public static double angleRad(double foreRadiusM, double hindRadiusM, double foreToHindM) {
        double w = foreToHindM;
        if (!(w > 0) || !(foreRadiusM > w / 2) || !(hindRadiusM > 0 && hindRadiusM <= foreRadiusM)) {
            throw new IllegalArgumentException(
                    "Quarters in need a forehand circle (radius %s m) above half the horse's %s m, and a smaller one for the quarters (%s m)."
                            .formatted(foreRadiusM, w, hindRadiusM));
        }
        double sine = (foreRadiusM * foreRadiusM + w * w - hindRadiusM * hindRadiusM) / (2 * foreRadiusM * w);
        if (sine > 1) {
            throw new IllegalArgumentException(
                    "Hind feet %s m behind the fore feet do not reach a circle of %s m radius from one of %s m."
                            .formatted(w, hindRadiusM, foreRadiusM));
        }
        return Math.asin(sine) - Math.asin(w / (2 * foreRadiusM));
    }

    /**
     * The radius on which the hind feet go for this angle: the inverse, in metres.
     *
     * @param angleRad 0 or more, and no more than the horse can reach
     */
    public static double hindRadiusM(double foreRadiusM, double angleRad, double foreToHindM) {
        double w = foreToHindM;
        if (!(w > 0) || !(foreRadiusM > w / 2) || !(angleRad >= 0)) {
            throw new IllegalArgumentException(
                    "Quarters in need a forehand circle (radius %s m) above half the horse's %s m, and an angle from 0 (%s rad)."
                            .formatted(foreRadiusM, w, angleRad));
        }
        double all = angleRad + Math.asin(w / (2 * foreRadiusM));
        if (all > Math.PI / 2) {
            throw new IllegalArgumentException(
                    "Quarters in by %.0f° is more than a horse of %s m from fore to hind can do here."
                            .formatted(Math.toDegrees(angleRad), w));
        }
        return Math.sqrt(foreRadiusM * foreRadiusM + w * w - 2 * foreRadiusM * w * Math.sin(all));
    }
}
