package strophos.core.arena;

import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A stretch of a figure with one curvature. */
public sealed interface Piece {

    double lengthM();

    /** Signed, in 1/m: above 0 bent to the left, below 0 to the right, 0 straight. */
    double curvature();

    Point start();

    Point end();

    /** Points that reach as far out as the piece does. */
    Stream<Point> extremes();

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
        public Stream<Point> extremes() {
            return Stream.of(start, end);
        }
    }

    /**
     * Part of a circle.
     *
     * @param radiusM above 0
     * @param fromRad direction from the centre to the start
     * @param sweepRad signed turn about the centre: above 0 counter-clockwise
     */
    record Arc(Point centre, double radiusM, double fromRad, double sweepRad) implements Piece {
        public Arc {
            if (!(radiusM > 0)) {
                throw new IllegalArgumentException("An arc's radius (%s m) must be above 0.".formatted(radiusM));
            }
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
        public Point start() {
            return centre.towards(fromRad, radiusM);
        }

        @Override
        public Point end() {
            return centre.towards(fromRad + sweepRad, radiusM);
        }

        /** Its two ends, and where it passes straight below, beside or above its centre. */
        @Override
        public Stream<Point> extremes() {
            double low = Math.min(fromRad, fromRad + sweepRad);
            double high = Math.max(fromRad, fromRad + sweepRad);
            double quarter = Math.PI / 2;
            Stream<Point> between = IntStream.rangeClosed(
                            (int) Math.ceil(low / quarter - 1e-9), (int) Math.floor(high / quarter + 1e-9))
                    .mapToObj(i -> centre.towards(i * quarter, radiusM));
            return Stream.concat(Stream.of(start(), end()), between);
        }
    }
}
