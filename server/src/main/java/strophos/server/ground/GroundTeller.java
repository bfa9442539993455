package strophos.server.ground;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Stream;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.FigureLeavesArena;
import strophos.core.arena.NotRiddenHere;
import strophos.core.arena.Point;
import strophos.core.arena.TurnsNeedRoom;
import strophos.core.ground.Bar;
import strophos.core.ground.FigureOfHorse;
import strophos.core.ground.InTheWay;
import strophos.core.ground.Spot;
import strophos.core.ground.Thing;
import strophos.core.setout.OwnPace;
import strophos.core.setout.Tapes;
import strophos.core.stride.Pace;
import strophos.core.stride.Stride;
import strophos.core.stride.StrideOfHorse;
import strophos.core.stride.Variant;

/** Tells what things on an arena measure, for these horses and in this gait. */
final class GroundTeller {

    private final Arena arena;
    private final Pace pace;
    private final Variant variant;
    private final OwnPace ownPace;
    private final List<HorseHere> horses;
    private final CourseTeller courses;
    private final SidewaysTeller sideways;

    GroundTeller(Arena arena, Pace pace, Variant variant, OwnPace ownPace, List<HorseHere> horses) {
        this.arena = arena;
        this.pace = pace;
        this.variant = variant;
        this.ownPace = ownPace;
        this.horses = horses;
        this.courses = new CourseTeller(arena, horses);
        this.sideways = new SidewaysTeller(arena, horses);
    }

    static GroundView.ArenaView view(String id, String name, Arena arena) {
        Map<String, GroundView.PointView> letters = new TreeMap<>();
        arena.letters().forEach((letter, p) -> letters.put(letter, view(p)));
        return new GroundView.ArenaView(
                id, name, arena.shape(), arena.widthM(), arena.lengthM(), arena.slopePct(), letters);
    }

    static GroundView.PointView view(Point p) {
        return new GroundView.PointView(p.xM(), p.yM());
    }

    List<GroundView.HorseView> horses() {
        return horses.stream()
                .map(h -> new GroundView.HorseView(
                        h.pair(),
                        h.horse(),
                        h.rider(),
                        orNull(h.heightCm()),
                        orNull(h.evenLeftM()),
                        orNull(h.evenRightM()),
                        stride(h).orElse(null),
                        Optional.ofNullable(h.strides().get(Pace.JUMPING))
                                .map(s -> stride(
                                        s,
                                        s.lengthM(),
                                        s.speedMs().isEmpty()
                                                ? null
                                                : s.speedMs().getAsDouble()))
                                .orElse(null)))
                .toList();
    }

    private static Integer orNull(OptionalInt value) {
        return value.isEmpty() ? null : value.getAsInt();
    }

    private Optional<GroundView.StrideView> stride(HorseHere h) {
        return Optional.ofNullable(h.strides().get(pace))
                .map(s -> ridden(s)
                        .map(r -> stride(s, r.lengthM(), r.speedMs()))
                        .orElseGet(() -> stride(s, s.lengthM(), null)));
    }

    private static GroundView.StrideView stride(StrideOfHorse s, double lengthM, Double speedMs) {
        return new GroundView.StrideView(
                lengthM, lengthM / s.pace().steps(1), speedMs, s.measuredOn().orElse(null), s.isOld());
    }

    /** In the variant asked for; empty where its speed is not known. */
    private Optional<Stride> ridden(StrideOfHorse s) {
        Variant in = s.pace() == pace ? variant : s.pace().usualVariant();
        return s.stride().map(own -> s.pace().in(in, own));
    }

    /** All of them as they were asked for, and which of them are in each other's way. */
    List<GroundView.ThingView> tell(List<WantedThing> all) {
        List<Answer> told = all.stream().map(wanted -> tell(wanted, all)).toList();
        Map<String, Thing> things = new HashMap<>();
        Map<String, InTheWay> ways = new HashMap<>();
        told.forEach(t -> t.thing().ifPresent(thing -> {
            things.put(t.view().id(), thing);
            ways.put(t.view().id(), InTheWay.of(thing, arena));
        }));
        return told.stream()
                .map(t -> t.view()
                        .besides(all.stream()
                                .map(WantedThing::id)
                                .filter(other -> !isMeant(t.view().id(), other, all, things))
                                .filter(other -> isInTheWay(t.view().id(), other, ways))
                                .toList()))
                .toList();
    }

    private static boolean isInTheWay(String one, String other, Map<String, InTheWay> ways) {
        return !one.equals(other)
                && ways.containsKey(one)
                && ways.containsKey(other)
                && ways.get(one).isOf(ways.get(other));
    }

    /** A course goes over its fences, and a figure over the fan it is ridden on. */
    private boolean isMeant(String one, String other, List<WantedThing> all, Map<String, Thing> things) {
        return goesOver(one, other, all)
                || goesOver(other, one, all)
                || isRiddenOn(things.get(one), things.get(other))
                || isRiddenOn(things.get(other), things.get(one));
    }

    private boolean isRiddenOn(Thing one, Thing other) {
        return one instanceof Thing.OfFan fan
                && other instanceof Thing.OfFigure figure
                && fan.isRiddenOn(figure.wish().laid(arena));
    }

    private static boolean goesOver(String course, String fences, List<WantedThing> all) {
        return all.stream()
                .filter(t -> t.id().equals(course) && t.course() != null)
                .anyMatch(t -> t.course().over().stream()
                        .anyMatch(jump -> jump.fences().equals(fences)));
    }

    /** @param thing empty where it was refused: it stands nowhere */
    private record Answer(Optional<Thing> thing, GroundView.ThingView view) {}

    private Answer tell(WantedThing wanted, List<WantedThing> all) {
        try {
            return told(wanted.id(), laid(wanted, all));
        } catch (NotLaid e) {
            return refused(wanted.id(), e.refusal(), null);
        } catch (FigureLeavesArena e) {
            return refused(wanted.id(), GroundView.Refusal.LEAVES, e.where());
        } catch (TurnsNeedRoom e) {
            return refused(wanted.id(), GroundView.Refusal.NO_ROOM, e.where());
        } catch (NotRiddenHere e) {
            return refused(wanted.id(), GroundView.Refusal.valueOf(e.reason().name()), null);
        }
    }

    private Laid laid(WantedThing wanted, List<WantedThing> all) {
        Pace in = wanted.pace() == null ? pace : wanted.pace();
        BarsTeller bars = new BarsTeller(arena, in, horses);
        if (wanted.figure() != null) {
            return figure(new Thing.OfFigure(wanted.figure().wish()), in);
        }
        if (wanted.row() != null) {
            return bars.row(wanted.row());
        }
        if (wanted.fan() != null) {
            return bars.fan(wanted.fan());
        }
        if (wanted.fences() != null) {
            return bars.fences(wanted.fences());
        }
        if (wanted.course() != null) {
            return courses.course(wanted.course(), all);
        }
        if (wanted.sideways() != null) {
            return sideways.sideways(wanted.sideways());
        }
        if (wanted.quarters() != null) {
            return sideways.quarters(wanted.quarters().thing());
        }
        return new Laid(new Thing.OfCone(wanted.cone().point()), Parts.NONE);
    }

    private static Answer refused(String id, GroundView.Refusal code, Point where) {
        return new Answer(
                Optional.empty(),
                GroundView.ThingView.refused(id, new GroundView.RefusalView(code, where == null ? null : view(where))));
    }

    private Answer told(String id, Laid laid) {
        Thing thing = laid.thing();
        GroundView.RefusalView outside = thing.outside(arena)
                .filter(s -> !(thing instanceof Thing.OfFigure || thing instanceof Thing.OfQuarters))
                .map(s -> new GroundView.RefusalView(GroundView.Refusal.LEAVES, view(s.at())))
                .orElse(null);
        return new Answer(
                Optional.of(thing),
                GroundView.ThingView.of(
                        id,
                        outside,
                        thing.cautions(arena),
                        thing.bars().stream().map(GroundTeller::view).toList(),
                        thing.spots(arena).stream().map(this::view).toList(),
                        laid.parts()));
    }

    private static GroundView.BarView view(Bar b) {
        return new GroundView.BarView(b.from().xM(), b.from().yM(), b.to().xM(), b.to().yM());
    }

    private GroundView.SpotView view(Spot s) {
        Optional<Tapes> tapes = Tapes.to(arena, s.at());
        return new GroundView.SpotView(
                s.kind(),
                s.number(),
                s.at().xM(),
                s.at().yM(),
                tapes.map(t -> Stream.of(t.one(), t.other()).map(this::view).toList())
                        .orElse(List.of()),
                tapes.flatMap(t -> t.which(arena))
                        .map(which -> new GroundView.WhichView(which.letter(), which.isNearer()))
                        .orElse(null));
    }

    private GroundView.TapeView view(Tapes.Tape t) {
        return new GroundView.TapeView(t.from(), t.lengthM(), ownPace.paces(t.lengthM()));
    }

    private Laid figure(Thing.OfFigure thing, Pace in) {
        Figure figure = thing.wish().laid(arena);
        GroundView.FigureView view = new GroundView.FigureView(
                figure.pieces().stream().map(PieceView::of).toList(),
                figure.lengthM(),
                figure.bendChangesM(),
                figure.bentM(true),
                figure.bentM(false),
                horses.stream().map(h -> figure(h, figure, in)).toList());
        return new Laid(thing, Parts.of(view));
    }

    private GroundView.FigureHorse figure(HorseHere h, Figure figure, Pace in) {
        FigureOfHorse of = new FigureOfHorse(figure, h.onGround());
        boolean isSized = h.heightCm().isPresent();
        Optional<FigureOfHorse.TooTight> tooTight = of.tooTight();
        Optional<Stride> stride = Optional.ofNullable(h.strides().get(in))
                .filter(known -> tooTight.isEmpty())
                .flatMap(this::ridden);
        return new GroundView.FigureHorse(
                h.pair(),
                isSized
                        ? of.bends().stream()
                                .map(b -> Math.toDegrees(b.bendRad()))
                                .toList()
                        : List.of(),
                isSized ? Math.toDegrees(of.mostBendRad()) : null,
                tooTight.map(GroundTeller::view).orElse(null),
                stride.map(of::seconds).orElse(null),
                stride.map(s -> of.steps(in, s)).orElse(null),
                stride.filter(s -> of.strides(s) > 2)
                        .map(s -> of.longerByM(s, 1))
                        .orElse(null),
                stride.map(s -> of.longerByM(s, -1)).orElse(null),
                isSized && tooTight.isEmpty() ? of.rightLegsMoreM() : null);
    }

    static GroundView.TightView view(FigureOfHorse.TooTight t) {
        return new GroundView.TightView(view(t.where()), t.side(), t.diameterM(), t.leastM(), t.reason());
    }
}
