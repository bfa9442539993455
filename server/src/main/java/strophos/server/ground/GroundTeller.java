package strophos.server.ground;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.FigureLeavesArena;
import strophos.core.arena.NotRiddenHere;
import strophos.core.arena.Point;
import strophos.core.arena.TurnsNeedRoom;
import strophos.core.ground.Bar;
import strophos.core.ground.FigureOfHorse;
import strophos.core.ground.HorseOnGround;
import strophos.core.ground.Spot;
import strophos.core.ground.Thing;
import strophos.core.setout.OwnPace;
import strophos.core.setout.Tapes;
import strophos.core.sideways.QuartersIn;
import strophos.core.sideways.Yield;
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
    private final BarsTeller bars;

    GroundTeller(Arena arena, Pace pace, Variant variant, OwnPace ownPace, List<HorseHere> horses) {
        this.arena = arena;
        this.pace = pace;
        this.variant = variant;
        this.ownPace = ownPace;
        this.horses = horses;
        this.bars = new BarsTeller(arena, pace, horses);
    }

    /**
     * @param heightCm empty where nobody has said
     * @param strides those that are known, by gait
     */
    record HorseHere(
            UUID pair,
            String horse,
            String rider,
            OptionalInt heightCm,
            OptionalInt evenLeftM,
            OptionalInt evenRightM,
            Map<Pace, StrideOfHorse> strides) {

        HorseOnGround onGround() {
            HorseOnGround usual = HorseOnGround.ofHeight(heightCm.orElse((int) (100 * Pace.USUAL_HEIGHT_M)));
            return new HorseOnGround(usual.heightM(), usual.backM(), evenLeftM, evenRightM);
        }
    }

    static GroundView.ArenaView view(String id, String name, Arena arena) {
        Map<String, GroundView.PointView> letters = new TreeMap<>();
        arena.letters().forEach((letter, p) -> letters.put(letter, view(p)));
        return new GroundView.ArenaView(
                id, name, arena.shape(), arena.widthM(), arena.lengthM(), arena.slopePct(), letters);
    }

    private static GroundView.PointView view(Point p) {
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
        return new GroundView.StrideView(lengthM, speedMs, s.measuredOn().orElse(null), s.isOld());
    }

    /** In the variant asked for; empty where its speed is not known. */
    private Optional<Stride> ridden(StrideOfHorse s) {
        return s.stride().map(own -> pace.in(variant, own));
    }

    GroundView.ThingView tell(WantedThing wanted) {
        try {
            if (wanted.figure() != null) {
                return figure(wanted.id(), new Thing.OfFigure(wanted.figure().wish()));
            }
            if (wanted.row() != null) {
                return view(wanted.id(), bars.row(wanted.row()));
            }
            if (wanted.fan() != null) {
                return view(wanted.id(), bars.fan(wanted.fan()));
            }
            if (wanted.fences() != null) {
                return view(wanted.id(), bars.fences(wanted.fences()));
            }
            if (wanted.sideways() != null) {
                return sideways(wanted.id(), wanted.sideways());
            }
            if (wanted.quarters() != null) {
                return quarters(wanted.id(), wanted.quarters().thing());
            }
            return view(wanted.id(), new Thing.OfCone(wanted.cone().point()), Parts.NONE);
        } catch (BarsTeller.NotLaid e) {
            return refused(wanted.id(), e.refusal(), null);
        } catch (FigureLeavesArena e) {
            return refused(wanted.id(), GroundView.Refusal.LEAVES, e.where());
        } catch (TurnsNeedRoom e) {
            return refused(wanted.id(), GroundView.Refusal.NO_ROOM, e.where());
        } catch (NotRiddenHere e) {
            return refused(wanted.id(), GroundView.Refusal.valueOf(e.reason().name()), null);
        }
    }

    private static GroundView.ThingView refused(String id, GroundView.Refusal code, Point where) {
        return new GroundView.ThingView(
                id,
                new GroundView.RefusalView(code, where == null ? null : view(where)),
                List.of(),
                List.of(),
                List.of(),
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** What is told of the one kind. */
    record Parts(
            GroundView.FigureView figure,
            GroundView.RowView row,
            GroundView.FanView fan,
            GroundView.FencesView fences,
            GroundView.YieldView sideways,
            GroundView.QuartersView quarters) {

        static final Parts NONE = new Parts(null, null, null, null, null, null);

        static Parts of(GroundView.FigureView figure) {
            return new Parts(figure, null, null, null, null, null);
        }

        static Parts of(GroundView.RowView row) {
            return new Parts(null, row, null, null, null, null);
        }

        static Parts of(GroundView.FanView fan) {
            return new Parts(null, null, fan, null, null, null);
        }

        static Parts of(GroundView.FencesView fences) {
            return new Parts(null, null, null, fences, null, null);
        }

        static Parts of(GroundView.YieldView sideways) {
            return new Parts(null, null, null, null, sideways, null);
        }

        static Parts of(GroundView.QuartersView quarters) {
            return new Parts(null, null, null, null, null, quarters);
        }
    }

    private GroundView.ThingView view(String id, BarsTeller.ThingWithParts laid) {
        return view(id, laid.thing(), laid.parts());
    }

    private GroundView.ThingView view(String id, Thing thing, Parts parts) {
        GroundView.RefusalView outside = thing.outside(arena)
                .filter(s -> !(thing instanceof Thing.OfFigure || thing instanceof Thing.OfQuarters))
                .map(s -> new GroundView.RefusalView(GroundView.Refusal.LEAVES, view(s.at())))
                .orElse(null);
        return new GroundView.ThingView(
                id,
                outside,
                thing.cautions(arena),
                thing.bars().stream().map(GroundTeller::view).toList(),
                thing.spots(arena).stream().map(this::view).toList(),
                parts.figure(),
                parts.row(),
                parts.fan(),
                parts.fences(),
                parts.sideways(),
                parts.quarters());
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

    private GroundView.ThingView figure(String id, Thing.OfFigure thing) {
        Figure figure = thing.wish().laid(arena);
        GroundView.FigureView view = new GroundView.FigureView(
                figure.pieces().stream().map(PieceView::of).toList(),
                figure.lengthM(),
                figure.bendChangesM(),
                figure.bentM(true),
                figure.bentM(false),
                horses.stream().map(h -> figure(h, figure)).toList());
        return view(id, thing, Parts.of(view));
    }

    private GroundView.FigureHorse figure(HorseHere h, Figure figure) {
        FigureOfHorse of = new FigureOfHorse(figure, h.onGround());
        boolean isSized = h.heightCm().isPresent();
        Optional<Stride> stride = Optional.ofNullable(h.strides().get(pace)).flatMap(this::ridden);
        return new GroundView.FigureHorse(
                h.pair(),
                isSized
                        ? of.bends().stream()
                                .map(b -> Math.toDegrees(b.bendRad()))
                                .toList()
                        : List.of(),
                isSized ? Math.toDegrees(of.mostBendRad()) : null,
                of.tooTight().map(GroundTeller::view).orElse(null),
                stride.map(of::seconds).orElse(null),
                stride.map(s -> of.steps(pace, s)).orElse(null),
                stride.filter(s -> of.strides(s) > 2)
                        .map(s -> of.longerByM(s, 1))
                        .orElse(null),
                stride.map(s -> of.longerByM(s, -1)).orElse(null),
                isSized ? of.rightLegsMoreM() : null);
    }

    private static GroundView.TightView view(FigureOfHorse.TooTight t) {
        return new GroundView.TightView(view(t.where()), t.side(), t.diameterM(), t.leastM(), t.reason());
    }

    private GroundView.ThingView sideways(String id, WantedThing.OfYield wanted) {
        Point from = inside(wanted.from());
        Point to = inside(wanted.to());
        if (from.distanceM(to) == 0) {
            return refused(id, GroundView.Refusal.NO_WAY, null);
        }
        Yield line = Yield.between(arena, wanted.from(), wanted.to());
        GroundView.YieldView view = new GroundView.YieldView(
                view(from),
                view(to),
                line.sideShare(),
                Math.toDegrees(line.angleRad()),
                line.lengthM(),
                line.sideShare() >= Yield.LEAST_SIDE_SHARE && line.sideShare() <= Yield.MOST_SIDE_SHARE,
                Yield.ends(arena, wanted.from(), Yield.LEAST_SIDE_SHARE, Yield.MOST_SIDE_SHARE).stream()
                        .map(y -> new GroundView.YieldEnd(
                                y.to(), y.sideShare(), Math.toDegrees(y.angleRad()), y.lengthM()))
                        .toList());
        return view(id, new Thing.OfYield(wanted.from(), wanted.to()), Parts.of(view));
    }

    private Point inside(String letter) {
        Point at = arena.place(letter);
        if (!arena.holds(at)) {
            throw new NotRiddenHere(
                    NotRiddenHere.Reason.LETTER_OUTSIDE, "%s stands outside the arena.".formatted(letter));
        }
        return at;
    }

    private GroundView.ThingView quarters(String id, Thing.OfQuarters thing) {
        double foreM = thing.fore().sizeM() / 2;
        GroundView.QuartersView view = new GroundView.QuartersView(
                thing.fore().laid(arena).pieces().stream().map(PieceView::of).toList(),
                thing.hind(arena).pieces().stream().map(PieceView::of).toList(),
                horses.stream().map(h -> quarters(h, foreM, thing.hindM() / 2)).toList());
        return view(id, thing, Parts.of(view));
    }

    private static GroundView.QuartersHorse quarters(HorseHere h, double foreM, double hindM) {
        if (h.heightCm().isEmpty()) {
            return new GroundView.QuartersHorse(h.pair(), null, null, null);
        }
        double w = QuartersIn.FORE_TO_HIND_PER_HEIGHT * h.heightCm().getAsInt() / 100;
        return new GroundView.QuartersHorse(
                h.pair(),
                w,
                orNull(() -> Math.toDegrees(QuartersIn.angleRad(foreM, hindM, w))),
                orNull(() -> 2 * QuartersIn.hindRadiusM(foreM, QuartersIn.AIMED_AT_RAD, w)));
    }

    /** Null where the horse cannot do it. */
    private static Double orNull(Supplier<Double> value) {
        try {
            return value.get();
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
