package strophos.core.arena;

/** A stretch of a figure with one curvature. */
public sealed interface Piece {

    double lengthM();

    /** Signed, in 1/m: above 0 bent to the left, below 0 to the right, 0 straight. */
    double curvature();

    /** Where one is this far along it, in [0, length]. */
    Pose at(double alongM);

    /** The same, as seen in a mirror that stands along the line of this x. */
    Piece mirrored(double mirrorXM);

    /** The same, ridden the other way. */
    Piece reversed();

    Piece moved(double acrossM, double upM);

    default Point start() {
        return at(0).at();
    }

    default Point end() {
        return at(lengthM()).at();
    }

    /** How far it turns: above 0 to the left. */
    default double turningRad() {
        return curvature() * lengthM();
    }

    /** Turned in steps about a foot that stays nearly where it is, not ridden in a bend. */
    default boolean isPivot() {
        return false;
    }

    /** A straight line. */
    record Straight(Point start, Point end) implements Piece {
        @Override
        public double lengthM() {
            return start.distanceM(end);
        }

        @Override
        public double curvature() {
            return 0;
        }

        @Override
        public Pose at(double alongM) {
            double heading = start.headingRad(end);
            return new Pose(alongM == lengthM() ? end : start.towards(heading, alongM), heading);
        }

        @Override
        public Piece mirrored(double mirrorXM) {
            return new Straight(start.mirrored(mirrorXM), end.mirrored(mirrorXM));
        }

        @Override
        public Piece reversed() {
            return new Straight(end, start);
        }

        @Override
        public Piece moved(double acrossM, double upM) {
            return new Straight(start.moved(acrossM, upM), end.moved(acrossM, upM));
        }
    }

    /**
     * Part of a circle.
     *
     * @param radiusM above 0
     * @param fromRad direction from the centre to the start
     * @param sweepRad signed turn about the centre: above 0 counter-clockwise
     */
    record Arc(Point centre, double radiusM, double fromRad, double sweepRad, boolean isPivot) implements Piece {
        public Arc {
            if (!(radiusM > 0)) {
                throw new IllegalArgumentException("An arc's radius (%s m) must be above 0.".formatted(radiusM));
            }
        }

        /** Ridden in a bend. */
        public Arc(Point centre, double radiusM, double fromRad, double sweepRad) {
            this(centre, radiusM, fromRad, sweepRad, false);
        }

        @Override
        public double lengthM() {
            return radiusM * Math.abs(sweepRad);
        }

        @Override
        public double curvature() {
            return Math.signum(sweepRad) / radiusM;
        }

        @Override
        public Pose at(double alongM) {
            double direction = fromRad + Math.signum(sweepRad) * alongM / radiusM;
            return new Pose(centre.towards(direction, radiusM), direction + Math.signum(sweepRad) * Math.PI / 2);
        }

        @Override
        public Piece mirrored(double mirrorXM) {
            return new Arc(centre.mirrored(mirrorXM), radiusM, Math.PI - fromRad, -sweepRad, isPivot);
        }

        @Override
        public Piece reversed() {
            return new Arc(centre, radiusM, fromRad + sweepRad, -sweepRad, isPivot);
        }

        @Override
        public Piece moved(double acrossM, double upM) {
            return new Arc(centre.moved(acrossM, upM), radiusM, fromRad, sweepRad, isPivot);
        }
    }
}
