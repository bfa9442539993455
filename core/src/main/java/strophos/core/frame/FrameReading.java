package strophos.core.frame;

import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import strophos.core.exchange.FrameShape;
import strophos.core.record.Payload;

/** What the points that were set on a frame tell. */
public final class FrameReading {

    /** Points that are joined lie at least so many times as far apart as each may lie beside (common practice, no source). */
    private static final double LEAST_APART = 3;

    /** The step a sensitivity is reckoned with [px]: small against any distance, large against rounding [1]. */
    private static final double STEP_PX = 1e-3;

    private static final Map<FrameShape, List<FrameQuantity>> TELLS = Map.of(
            FrameShape.LINE, List.of(FrameQuantity.LENGTH, FrameQuantity.SLOPE),
            FrameShape.ANGLE, List.of(FrameQuantity.ANGLE),
            FrameShape.EARS, List.of(FrameQuantity.EARS_ABOVE, FrameQuantity.NECK_RISE),
            FrameShape.SEAT,
                    List.of(
                            FrameQuantity.ANGLE,
                            FrameQuantity.LEAN,
                            FrameQuantity.HEEL_AHEAD,
                            FrameQuantity.HEEL_AHEAD_BY),
            FrameShape.HIPS, List.of(FrameQuantity.LEFT_HIP_UP, FrameQuantity.LEFT_HIP_UP_BY));

    private FrameReading() {}

    /** How many points are set for a shape. */
    public static int points(FrameShape shape) {
        return shape == FrameShape.ANGLE || shape == FrameShape.SEAT ? 3 : 2;
    }

    /**
     * All that a frame tells, each with its 95 % interval; lengths only where one is known.
     *
     * @return empty with points of another number than the shape's, or where two that are joined lie too near each other to tell anything
     */
    public static List<FrameValue> of(Payload.FrameMeasure said) {
        FramePlane plane = FramePlane.of(said);
        if (said.points().size() != points(said.shape()) || !plane.isApart(LEAST_APART * said.withinPx())) {
            return List.of();
        }
        return TELLS.get(said.shape()).stream()
                .filter(of -> plane.hasScale() || !of.isLength())
                .map(of -> value(plane, of, said.withinPx()))
                .toList();
    }

    private static FrameValue value(FramePlane plane, FrameQuantity of, double withinPx) {
        ToDoubleFunction<FramePlane> reckoned = reckoning(of);
        double sum = 0;
        for (int point = 0; point < plane.points(); point++) {
            double right = slope(reckoned, of, plane.moved(point, STEP_PX, 0), plane.moved(point, -STEP_PX, 0));
            double up = slope(reckoned, of, plane.moved(point, 0, STEP_PX), plane.moved(point, 0, -STEP_PX));
            sum += right * right + up * up;
        }
        double value = reckoned.applyAsDouble(plane);
        double half = withinPx * Math.sqrt(sum);
        if (of.isLength()) {
            return new FrameValue(of, value, half);
        }
        return new FrameValue(of, Math.toDegrees(within(of, value)), Math.toDegrees(half));
    }

    /** An angle, within the bounds of its quantity [rad]. */
    private static double within(FrameQuantity of, double angle) {
        double turn = FramePlane.turn(angle);
        return switch (of) {
            case ANGLE -> Math.abs(turn);
            case SLOPE -> FramePlane.upright(turn);
            case NECK_RISE, LEFT_HIP_UP -> Math.asin(Math.sin(turn));
            default -> turn;
        };
    }

    /** How fast a quantity changes between two planes that lie two steps apart [1/px]. */
    private static double slope(
            ToDoubleFunction<FramePlane> reckoned, FrameQuantity of, FramePlane after, FramePlane before) {
        double change = reckoned.applyAsDouble(after) - reckoned.applyAsDouble(before);
        return (of.isLength() ? change : FramePlane.turn(change)) / (2 * STEP_PX);
    }

    /** In metres, or in radians of any turn. */
    private static ToDoubleFunction<FramePlane> reckoning(FrameQuantity of) {
        return switch (of) {
            case LENGTH -> p -> p.length(0, 1);
            case SLOPE, NECK_RISE -> p -> p.direction(0, 1);
            case ANGLE -> p -> p.direction(1, 0) - p.direction(1, 2);
            case EARS_ABOVE -> p -> p.up(0, 1);
            case LEAN -> p -> p.leansForward(1, 0);
            case HEEL_AHEAD -> p -> Math.PI - p.leansForward(0, 2);
            case HEEL_AHEAD_BY -> p -> p.ahead(0, 2);
            case LEFT_HIP_UP -> p -> p.direction(1, 0);
            case LEFT_HIP_UP_BY -> p -> p.up(1, 0);
        };
    }
}
