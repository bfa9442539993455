package strophos.core.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import strophos.core.arena.Arena;
import strophos.core.arena.Point;
import strophos.core.arena.Pose;

/** Where else a thing can stand: as it is turned, moved by whole steps; the nearest first. */
final class Elsewhere {

    private static final int STEP_M = 2;

    private Elsewhere() {}

    /** Itself first, then all other places inside; a line to ride only stays where it is. */
    static List<Thing> of(Thing thing, Arena arena) {
        List<Thing> places = new ArrayList<>();
        places.add(thing);
        if (thing.bars().isEmpty() && !(thing instanceof Thing.OfCone)) {
            return places;
        }
        int across = (int) (arena.widthM() / STEP_M);
        int up = (int) (arena.lengthM() / STEP_M);
        List<int[]> steps = new ArrayList<>();
        for (int x = -across; x <= across; x++) {
            for (int y = -up; y <= up; y++) {
                if (x != 0 || y != 0) {
                    steps.add(new int[] {x * STEP_M, y * STEP_M});
                }
            }
        }
        steps.sort(Comparator.comparingDouble(s -> Math.hypot(s[0], s[1])));
        for (int[] step : steps) {
            Thing there = moved(thing, step[0], step[1]);
            if (there.outside(arena).isEmpty()) {
                places.add(there);
            }
        }
        return places;
    }

    private static Thing moved(Thing thing, double acrossM, double upM) {
        if (thing instanceof Thing.OfPoles row) {
            return new Thing.OfPoles(
                    moved(row.first(), acrossM, upM), row.poles(), row.apartM(), row.poleM(), row.isRaised());
        }
        if (thing instanceof Thing.OfFan fan) {
            return new Thing.OfFan(moved(fan.middle(), acrossM, upM), fan.fan());
        }
        if (thing instanceof Thing.OfFences fences) {
            return new Thing.OfFences(
                    moved(fences.first(), acrossM, upM), fences.distancesM(), fences.fenceM(), fences.widthM());
        }
        Point at = ((Thing.OfCone) thing).at();
        return new Thing.OfCone(at.moved(acrossM, upM));
    }

    private static Pose moved(Pose pose, double acrossM, double upM) {
        return new Pose(pose.at().moved(acrossM, upM), pose.headingRad());
    }
}
