package strophos.core.arena;

/** A place on the ground, in metres. */
public record Point(double xM, double yM) {

    public double distanceM(Point other) {
        return Math.hypot(xM - other.xM, yM - other.yM);
    }

    /** Which way another place lies from here, in (−π, π]. */
    public double headingRad(Point other) {
        return Math.atan2(other.yM - yM, other.xM - xM);
    }

    /** This far away, in this direction. */
    public Point towards(double headingRad, double distanceM) {
        return new Point(xM + distanceM * Math.cos(headingRad), yM + distanceM * Math.sin(headingRad));
    }

    public Point moved(double acrossM, double upM) {
        return new Point(xM + acrossM, yM + upM);
    }

    /** This share of the way to another place: 0 here, 1 there. */
    public Point between(Point other, double share) {
        return new Point(xM + share * (other.xM - xM), yM + share * (other.yM - yM));
    }

    /** As seen in a mirror that stands along the line of this x. */
    Point mirrored(double mirrorXM) {
        return new Point(2 * mirrorXM - xM, yM);
    }
}
