package strophos.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.exchange.FrameLevel;
import strophos.core.exchange.FramePoint;
import strophos.core.record.Payload;

/**
 * The plane of a frame, upright as in life.
 *
 * @param x of all points [px]: first those of the shape, then two that are level, then the ends of the known length
 * @param y of all points, upwards [px]
 * @param levelAt where the level begins among the points; −1: the camera was held level
 * @param scaleAt where the known length begins; −1: none is known
 * @param lengthM how long it is in life [m]
 * @param forward 1 where the horse faces the right edge of the frame, −1 the left one
 */
record FramePlane(double[] x, double[] y, int levelAt, int scaleAt, double lengthM, int forward) {

    static FramePlane of(Payload.FrameMeasure said) {
        List<FramePoint> all = new ArrayList<>(said.points());
        Optional<FrameLevel> level = said.level();
        int levelAt = level.isPresent() ? all.size() : -1;
        level.ifPresent(l -> all.addAll(List.of(l.from(), l.to())));
        int scaleAt = said.scale().isPresent() ? all.size() : -1;
        said.scale().ifPresent(s -> all.addAll(List.of(s.from(), s.to())));
        return new FramePlane(
                all.stream().mapToDouble(FramePoint::x).toArray(),
                all.stream().mapToDouble(p -> -p.y()).toArray(),
                levelAt,
                scaleAt,
                said.scale().map(s -> s.lengthMm() / 1000.0).orElse(Double.NaN),
                said.facesRight().orElse(false) ? 1 : -1);
    }

    /** The same, with one point elsewhere. */
    FramePlane moved(int point, double right, double up) {
        double[] movedX = x.clone();
        double[] movedY = y.clone();
        movedX[point] += right;
        movedY[point] += up;
        return new FramePlane(movedX, movedY, levelAt, scaleAt, lengthM, forward);
    }

    int points() {
        return x.length;
    }

    boolean hasScale() {
        return scaleAt >= 0;
    }

    /** Whether what is joined lies at least so far apart: the points of the shape, one after the other, the level, the known length [px]. */
    boolean isApart(double px) {
        for (int i = 1; i < points(); i++) {
            boolean isJoined = i != levelAt && i != scaleAt;
            if (isJoined && apart(i - 1, i) < px) {
                return false;
            }
        }
        return true;
    }

    /** [px]. */
    private double apart(int from, int to) {
        return Math.hypot(x[to] - x[from], y[to] - y[from]);
    }

    /** In the frame, against its lower edge, anticlockwise [rad]. */
    private double slant(int from, int to) {
        return Math.atan2(y[to] - y[from], x[to] - x[from]);
    }

    /** The camera's tilt, by what is level in life [rad]. */
    private double tilt() {
        return levelAt < 0 ? 0 : upright(slant(levelAt, levelAt + 1));
    }

    /** Of the line from a point to another, against the level, anticlockwise [rad]. */
    double direction(int from, int to) {
        return slant(from, to) - tilt();
    }

    /** How far one point lies from another [m]. */
    double length(int from, int to) {
        return apart(from, to) * lengthM / apart(scaleAt, scaleAt + 1);
    }

    /** How far it goes to the front from a point to another, as an angle at the first, against straight up [rad]. */
    double leansForward(int from, int to) {
        double direction = direction(from, to);
        return Math.atan2(forward * Math.cos(direction), Math.sin(direction));
    }

    /** How much higher one point lies than another [m]. */
    double up(int from, int to) {
        return length(from, to) * Math.sin(direction(from, to));
    }

    /** How much further to the front one point lies than another [m]. */
    double ahead(int from, int to) {
        return forward * length(from, to) * Math.cos(direction(from, to));
    }

    /** In (−π, π]. */
    static double turn(double angle) {
        return angle - 2 * Math.PI * Math.ceil((angle - Math.PI) / (2 * Math.PI));
    }

    /** Of a line, whichever way it is read: in (−π/2, π/2]. */
    static double upright(double angle) {
        double turn = turn(angle);
        if (turn > Math.PI / 2) {
            return turn - Math.PI;
        }
        return turn > -Math.PI / 2 ? turn : turn + Math.PI;
    }
}
