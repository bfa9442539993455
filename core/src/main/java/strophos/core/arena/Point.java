package strophos.core.arena;

/** A place on the ground, in metres. */
public record Point(double xM, double yM) {

    public double distanceM(Point other) {
        return Math.hypot(xM - other.xM, yM - other.yM);
    }

    /** This far away, in this direction. */
    Point towards(double headingRad, double distanceM) {
        return new Point(xM + distanceM * Math.cos(headingRad), yM + distanceM * Math.sin(headingRad));
    }
}
