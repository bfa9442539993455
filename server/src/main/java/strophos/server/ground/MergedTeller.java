package strophos.server.ground;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import strophos.core.arena.Arena;
import strophos.core.arena.Pose;
import strophos.core.ground.MergedGround;
import strophos.core.ground.Thing;
import strophos.core.poles.Fan;
import strophos.core.poles.RowOfHorse;
import strophos.core.poles.SharedFan;
import strophos.core.poles.SharedRow;
import strophos.core.stride.Pace;
import strophos.core.stride.PoleSpacing;
import strophos.core.stride.StrideOfHorse;

/** Tells one ground for a group: what suits several is laid once, and everything stands where it is in nobody's way. */
final class MergedTeller {

    private final Arena arena;
    private final Map<UUID, HorseHere> horses = new LinkedHashMap<>();

    MergedTeller(Arena arena, List<HorseHere> horses) {
        this.arena = arena;
        horses.forEach(h -> this.horses.put(h.pair(), h));
    }

    /** @param noRoom what finds no place while it is needed */
    record MergedView(List<MergedThing> things, List<MergedThing> noRoom) {}

    /**
     * A thing that stands once, and when it is laid and taken away.
     *
     * @param pairs who rides it
     */
    record MergedThing(WantedThing thing, List<UUID> pairs) {}

    /** Needs that one thing serves. */
    private record Shared(WantedThing thing, List<WantedNeed> needs) {

        String id() {
            return thing.id();
        }

        List<UUID> pairs() {
            return needs.stream().map(WantedNeed::pair).distinct().toList();
        }

        MergedThing told(WantedThing where, OptionalInt laidS, OptionalInt awayS) {
            return new MergedThing(
                    where.during(orNull(laidS), orNull(awayS), needs.get(0).pace()), pairs());
        }

        private static Integer orNull(OptionalInt value) {
            return value.isEmpty() ? null : value.getAsInt();
        }
    }

    MergedView tell(List<WantedNeed> needs) {
        Map<Object, List<WantedNeed>> alike = new LinkedHashMap<>();
        needs.forEach(
                n -> alike.computeIfAbsent(likeness(n), k -> new ArrayList<>()).add(n));
        List<Shared> shared = alike.values().stream()
                .map(this::shared)
                .flatMap(Collection::stream)
                .toList();
        List<MergedThing> noRoom = new ArrayList<>();
        List<Shared> laid = new ArrayList<>();
        List<MergedGround.Need> core = new ArrayList<>();
        for (Shared s : shared) {
            Optional<Thing> thing = ridden(s.thing());
            thing.ifPresentOrElse(
                    t -> {
                        laid.add(s);
                        core.add(new MergedGround.Need(
                                s.id(),
                                t,
                                s.needs().stream().map(WantedNeed::span).toList()));
                    },
                    () -> noRoom.add(s.told(s.thing(), OptionalInt.empty(), OptionalInt.empty())));
        }
        MergedGround merged = MergedGround.of(arena, core);
        List<MergedThing> things = new ArrayList<>();
        for (Shared s : laid) {
            merged.placed().stream()
                    .filter(p -> p.id().equals(s.id()))
                    .findFirst()
                    .ifPresentOrElse(
                            p -> things.add(s.told(moved(s.thing(), p.thing()), p.laidS(), p.awayS())),
                            () -> noRoom.add(s.told(s.thing(), OptionalInt.empty(), OptionalInt.empty())));
        }
        return new MergedView(things, noRoom);
    }

    /** Poles are shared by a gait; all else by being the same. */
    private static Object likeness(WantedNeed n) {
        WantedThing t = n.thing();
        if (t.row() != null) {
            return List.of(n.pace(), t.row().poles(), t.row().poleM(), t.row().isRaised());
        }
        if (t.fan() != null) {
            return List.of(n.pace(), t.fan().poles(), t.fan().middleM(), t.fan().poleM());
        }
        return t.named("");
    }

    private List<Shared> shared(List<WantedNeed> alike) {
        WantedThing first = alike.get(0).thing();
        if (first.row() != null) {
            return rows(alike, first.row());
        }
        if (first.fan() != null) {
            return fans(alike, first.fan());
        }
        return List.of(new Shared(first, alike));
    }

    private List<Shared> rows(List<WantedNeed> alike, WantedThing.OfRow row) {
        double rises = arena.slopePct() * Math.sin(row.first().pose().headingRad());
        List<SharedRow.Step> steps = alike.stream()
                .map(n -> new SharedRow.Step(
                        n.thing().id(),
                        RowOfHorse.of(1, poles(n), row.isRaised(), rises).own()))
                .toList();
        return SharedRow.of(steps).stream()
                .map(r -> {
                    List<WantedNeed> together = needs(alike, r.horses());
                    WantedThing.OfRow own = together.get(0).thing().row();
                    return new Shared(
                            together.get(0).thing().with(own.with(own.first(), metres(r.apartM()))), together);
                })
                .toList();
    }

    private List<Shared> fans(List<WantedNeed> alike, WantedThing.OfFan fan) {
        List<SharedFan.Step> steps = alike.stream()
                .map(n -> new SharedFan.Step(n.thing().id(), poles(n).middleM()))
                .toList();
        SharedFan of = SharedFan.of(
                steps, fan.poles(), fan.middleM().doubleValue(), fan.poleM().doubleValue());
        List<WantedNeed> together =
                needs(alike, of.lines().stream().map(SharedFan.Line::horse).toList());
        List<Shared> all = new ArrayList<>();
        all.add(new Shared(
                together.get(0)
                        .thing()
                        .with(fan.with(fan.middle(), degrees(of.fan().gapRad()))),
                together));
        // whoever does not fit gets a row
        Pose middle = fan.middle().pose();
        WantedThing.Way first = WantedThing.Way.of(
                new Pose(middle.at().towards(middle.headingRad(), fan.middleM().doubleValue()), middle.headingRad()));
        for (SharedFan.Step left : of.leftOut()) {
            List<WantedNeed> own = needs(alike, List.of(left.horse()));
            all.add(new Shared(
                    own.get(0)
                            .thing()
                            .with(new WantedThing.OfRow(first, fan.poles(), metres(left.stepM()), fan.poleM(), false)),
                    own));
        }
        return all;
    }

    private static List<WantedNeed> needs(List<WantedNeed> all, List<String> ids) {
        return ids.stream()
                .flatMap(id -> all.stream().filter(n -> n.thing().id().equals(id)))
                .toList();
    }

    private PoleSpacing poles(WantedNeed n) {
        Pace pace = n.pace() == Pace.JUMPING ? Pace.CANTER : n.pace();
        return Optional.ofNullable(horses.get(n.pair()).strides().get(pace))
                .map(StrideOfHorse::poles)
                .orElseGet(() -> pace.usualPoles(Pace.USUAL_HEIGHT_M));
    }

    /** Empty where it cannot be ridden in this arena. */
    private Optional<Thing> ridden(WantedThing t) {
        try {
            Thing thing = thing(t);
            thing.ways(arena);
            return thing.outside(arena).isPresent() && thing.bars().isEmpty() ? Optional.empty() : Optional.of(thing);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Thing thing(WantedThing t) {
        if (t.row() != null) {
            WantedThing.OfRow r = t.row();
            return new Thing.OfPoles(
                    r.first().pose(),
                    r.poles(),
                    r.apartM().doubleValue(),
                    r.poleM().doubleValue(),
                    r.isRaised());
        }
        if (t.fan() != null) {
            WantedThing.OfFan f = t.fan();
            return new Thing.OfFan(
                    f.middle().pose(),
                    new Fan(
                            f.poles(),
                            Math.toRadians(f.gapDeg().doubleValue()),
                            f.middleM().doubleValue(),
                            f.poleM().doubleValue()));
        }
        if (t.fences() != null) {
            return t.fences().thing();
        }
        if (t.figure() != null) {
            return new Thing.OfFigure(t.figure().wish());
        }
        if (t.quarters() != null) {
            return t.quarters().thing();
        }
        if (t.sideways() != null) {
            return new Thing.OfYield(t.sideways().from(), t.sideways().to());
        }
        if (t.cone() != null) {
            return new Thing.OfCone(t.cone().point());
        }
        throw new IllegalArgumentException("A course is laid over fences that stand.");
    }

    private static WantedThing moved(WantedThing t, Thing where) {
        if (where instanceof Thing.OfPoles row) {
            return t.with(t.row().with(WantedThing.Way.of(row.first()), t.row().apartM()));
        }
        if (where instanceof Thing.OfFan fan) {
            return t.with(t.fan().with(WantedThing.Way.of(fan.middle()), t.fan().gapDeg()));
        }
        if (where instanceof Thing.OfFences fences) {
            return t.with(t.fences().from(WantedThing.Way.of(fences.first())));
        }
        return where instanceof Thing.OfCone cone ? t.with(WantedThing.Spot.of(cone.at())) : t;
    }

    private static BigDecimal metres(double value) {
        return BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP);
    }

    private static BigDecimal degrees(double rad) {
        return BigDecimal.valueOf(Math.toDegrees(rad)).setScale(3, RoundingMode.HALF_UP);
    }
}
