package strophos.core.arena;

import java.util.ArrayList;
import java.util.List;

/** A line as it is ridden: straight on, and turns, one after the other, each beginning the way the last one ended. */
final class Trace {

    /** Shorter pieces are none. */
    private static final double LEAST_M = 1e-9;

    private final List<Piece> pieces = new ArrayList<>();
    private Pose pose;

    Trace(Point start, double headingRad) {
        pose = new Pose(start, headingRad);
    }

    /**
     * From corner to corner, each of them turned with this radius.
     *
     * @param places at least two; those between the first and the last are not passed, but cut
     * @throws IllegalArgumentException when two turns need more room than lies between them
     */
    static Figure through(List<Point> places, double radiusM) {
        Trace trace = new Trace(places.get(0), places.get(0).headingRad(places.get(1)));
        double usedM = 0;
        for (int i = 1; i < places.size() - 1; i++) {
            Point here = places.get(i);
            double turn = turnRad(places.get(i - 1).headingRad(here), here.headingRad(places.get(i + 1)));
            double cutM = radiusM * Math.tan(Math.abs(turn) / 2);
            double aheadM = places.get(i - 1).distanceM(here) - usedM - cutM;
            if (aheadM < -LEAST_M) {
                throw new TurnsNeedRoom(here, -aheadM);
            }
            trace.ahead(aheadM).turn(radiusM, turn);
            usedM = cutM;
        }
        double lastM = places.get(places.size() - 2).distanceM(places.get(places.size() - 1)) - usedM;
        if (lastM < -LEAST_M) {
            throw new TurnsNeedRoom(places.get(places.size() - 2), -lastM);
        }
        return trace.ahead(lastM).figure();
    }

    /** From one way to another, the short way round: in (−π, π]. */
    private static double turnRad(double fromRad, double toRad) {
        double turn = Math.IEEEremainder(toRad - fromRad, 2 * Math.PI);
        return turn == -Math.PI ? Math.PI : turn;
    }

    Trace ahead(double metres) {
        if (metres > LEAST_M) {
            Point end = pose.at().towards(pose.headingRad(), metres);
            pieces.add(new Piece.Straight(pose.at(), end));
            pose = new Pose(end, pose.headingRad());
        }
        return this;
    }

    /** Above 0 to the left. */
    Trace turn(double radiusM, double byRad) {
        return turned(radiusM, byRad, false);
    }

    /** In steps, not in a bend. */
    Trace pivot(double radiusM, double byRad) {
        return turned(radiusM, byRad, true);
    }

    private Trace turned(double radiusM, double byRad, boolean isPivot) {
        if (Math.abs(byRad) * radiusM > LEAST_M) {
            double side = Math.signum(byRad) * Math.PI / 2;
            Point centre = pose.at().towards(pose.headingRad() + side, radiusM);
            pieces.add(new Piece.Arc(centre, radiusM, pose.headingRad() - side, byRad, isPivot));
            Point end = centre.towards(pose.headingRad() - side + byRad, radiusM);
            pose = new Pose(end, pose.headingRad() + byRad);
        }
        return this;
    }

    List<Piece> pieces() {
        return List.copyOf(pieces);
    }

    Figure figure() {
        return new Figure(pieces);
    }
}
