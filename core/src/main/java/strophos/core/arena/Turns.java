package strophos.core.arena;

import static java.lang.Math.PI;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The ways from one place and heading to another by a turn, a straight and a turn, all turns of one radius: left or right first, left
 * or right last. Source: Dubins (1957); the shortest way is one of these wherever the two places lie four radii apart.
 */
final class Turns {

    private static final double FULL_RAD = 2 * PI;

    /** Less is no turn, in radians: what rounding leaves. */
    private static final double NOTHING_RAD = 1e-9;

    /** The same of lengths, in metres. */
    private static final double NOTHING_M = 1e-9;

    private Turns() {}

    /** The shortest first; at least the two that turn to one side throughout. */
    static List<List<Piece>> between(Pose from, Pose to, double radiusM) {
        List<List<Piece>> ways = new ArrayList<>();
        for (int first : new int[] {1, -1}) {
            for (int last : new int[] {1, -1}) {
                way(from, to, radiusM, first, last).ifPresent(ways::add);
            }
        }
        ways.sort(Comparator.comparingDouble(Turns::lengthM));
        return ways;
    }

    private static double lengthM(List<Piece> pieces) {
        return pieces.stream().mapToDouble(Piece::lengthM).sum();
    }

    /**
     * @param first 1 for a turn to the left, −1 to the right
     * @param last the same of the second turn
     */
    private static Optional<List<Piece>> way(Pose from, Pose to, double r, int first, int last) {
        Point begins = centre(from, r, first);
        Point ends = centre(to, r, last);
        double apartM = begins.distanceM(ends);
        double aheadRad = apartM == 0 ? from.headingRad() : begins.headingRad(ends);
        if (first != last) {
            if (apartM < 2 * r - NOTHING_M) {
                return Optional.empty();
            }
            // the straight crosses from one side of the line between the middles to the other
            aheadRad += first * Math.asin(Math.min(1, 2 * r / apartM));
        }
        double turnRad = round(first * (aheadRad - from.headingRad()));
        double turnBackRad = round(last * (to.headingRad() - aheadRad));
        double straightM = first == last ? apartM : Math.sqrt(Math.max(0, apartM * apartM - 4 * r * r));
        return Optional.of(new Trace(from.at(), from.headingRad())
                .turn(r, first * turnRad)
                .ahead(straightM)
                .turn(r, last * turnBackRad)
                .pieces());
    }

    private static Point centre(Pose pose, double r, int side) {
        return pose.at().towards(pose.headingRad() + side * PI / 2, r);
    }

    /** In [0, 2π): a turn goes on to its own side. */
    private static double round(double rad) {
        double turn = rad % FULL_RAD;
        double positive = turn < 0 ? turn + FULL_RAD : turn;
        return FULL_RAD - positive < NOTHING_RAD ? 0 : positive;
    }
}
