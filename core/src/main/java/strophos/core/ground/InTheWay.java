package strophos.core.ground;

import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import strophos.core.arena.Arena;
import strophos.core.arena.Point;

/**
 * What of a thing others must keep clear of: what lies and stands there, and where it is ridden.
 *
 * @param lies poles, fences, cones
 * @param ridden lines inside the arena
 */
public record InTheWay(Geometry lies, Geometry ridden) {

    /** A horse passes what it does not go over by this much: half its width, and a step (common practice, no source), in metres. */
    public static final double CLEAR_M = 1.0;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /**
     * @throws strophos.core.arena.FigureLeavesArena where it cannot be ridden here
     */
    public static InTheWay of(Thing thing, Arena arena) {
        Stream<Geometry> bars = thing.bars().stream().map(b -> line(List.of(b.from(), b.to())));
        Stream<Geometry> cones = cones(thing, arena).map(InTheWay::point);
        return new InTheWay(
                all(Stream.concat(bars, cones)),
                all(thing.ways(arena).stream().filter(w -> w.size() > 1).map(InTheWay::line)));
    }

    private static Stream<Point> cones(Thing thing, Arena arena) {
        if (thing instanceof Thing.OfCone cone) {
            return Stream.of(cone.at());
        }
        boolean isRoundCones =
                thing instanceof Thing.OfFigure f && f.ownCautions().contains(Caution.CONES);
        return isRoundCones
                ? thing.spots(arena).stream()
                        .filter(s -> s.kind() == SpotKind.MIDDLE)
                        .map(Spot::at)
                : Stream.empty();
    }

    /** One of the two cannot be ridden while the other stands, or they lie on top of each other; lines may cross. */
    public boolean isOf(InTheWay other) {
        return isBlockedBy(other) || other.isBlockedBy(this) || liesOn(other);
    }

    /** This one cannot be ridden while the other lies there. */
    boolean isBlockedBy(InTheWay other) {
        return isNear(ridden, other.lies);
    }

    boolean liesOn(InTheWay other) {
        return isNear(lies, other.lies);
    }

    boolean isOnlyRidden() {
        return lies.isEmpty();
    }

    private static boolean isNear(Geometry one, Geometry other) {
        return !one.isEmpty() && !other.isEmpty() && one.isWithinDistance(other, CLEAR_M);
    }

    private static Geometry all(Stream<? extends Geometry> parts) {
        return GEOMETRY.createGeometryCollection(parts.toArray(Geometry[]::new));
    }

    private static Geometry line(List<Point> points) {
        return GEOMETRY.createLineString(
                points.stream().map(InTheWay::coordinate).toArray(Coordinate[]::new));
    }

    private static Geometry point(Point p) {
        return GEOMETRY.createPoint(coordinate(p));
    }

    private static Coordinate coordinate(Point p) {
        return new Coordinate(p.xM(), p.yM());
    }
}
