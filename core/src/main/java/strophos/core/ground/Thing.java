package strophos.core.ground;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.FigureWish;
import strophos.core.arena.Figures;
import strophos.core.arena.Piece;
import strophos.core.arena.Point;
import strophos.core.arena.Pose;
import strophos.core.poles.Fan;

/** One of the things that make up a set-up: a line to ride, or what lies and stands on the ground. */
public sealed interface Thing {

    /** What must be set out by hand, in the order in which one walks it. */
    List<Spot> spots(Arena arena);

    /** Poles and fences, drawn from end to end. */
    default List<Bar> bars() {
        return List.of();
    }

    /** The lines ridden on it or over it, as far as they lie inside; a run before poles and fences, and one after, belong to them. */
    default List<List<Point>> ways(Arena arena) {
        return List.of();
    }

    /** What is said before it is ridden, whatever the arena. */
    default List<Caution> ownCautions() {
        return List.of();
    }

    /** What is said before it is ridden here. */
    default List<Caution> cautions(Arena arena) {
        return Stream.concat(
                        ownCautions().stream(),
                        Stream.of(Caution.SLOPE).filter(c -> Math.abs(arena.slopePct()) >= SLOPE_FROM_PCT))
                .toList();
    }

    /** From this slope on its footing is looked at first, in metres a hundred metres (common practice, no source). */
    double SLOPE_FROM_PCT = 2;

    /** The first spot that the arena does not hold. */
    default Optional<Spot> outside(Arena arena) {
        return spots(arena).stream().filter(s -> !arena.holds(s.at())).findFirst();
    }

    /** A line ridden is looked at this often, in metres. */
    double LOOK_M = 0.5;

    /** Ridden straight before the first pole and after the last (common practice, no source: three steps of a trot), in metres. */
    double RUN_TO_POLES_M = 5;

    /** The same of fences: nothing new in the last three strides of a canter (common practice, no source), in metres. */
    double RUN_TO_FENCES_M = 11;

    /** A figure to ride. */
    record OfFigure(FigureWish wish) implements Thing {

        private static final double SAME_M = 0.01;

        /** The middles of its circles and half circles, and where the bend changes; a figure is never outside, it is refused. */
        @Override
        public List<Spot> spots(Arena arena) {
            Figure figure = wish.laid(arena);
            List<Spot> spots = new ArrayList<>();
            for (Point middle : middles(figure)) {
                spots.add(new Spot(SpotKind.MIDDLE, spots.size() + 1, middle));
            }
            List<Double> changes = figure.bendChangesM();
            for (int i = 0; i < changes.size(); i++) {
                spots.add(new Spot(
                        SpotKind.CHANGE, i + 1, figure.at(changes.get(i)).at()));
            }
            return spots;
        }

        @Override
        public List<List<Point>> ways(Arena arena) {
            return List.of(looks(wish.laid(arena)));
        }

        @Override
        public List<Caution> ownCautions() {
            return switch (wish.form()) {
                case TWO_CONES -> List.of(Caution.WALK_ONLY, Caution.CONES);
                case HAUNCHES_TURN -> List.of(Caution.WALK_ONLY);
                default -> List.of();
            };
        }

        static List<Point> looks(Figure figure) {
            int looks = (int) Math.ceil(figure.lengthM() / LOOK_M);
            return IntStream.rangeClosed(0, looks)
                    .mapToObj(i -> figure.at(figure.lengthM() * i / looks).at())
                    .toList();
        }

        private static List<Point> middles(Figure figure) {
            List<Point> middles = new ArrayList<>();
            for (Piece p : figure.pieces()) {
                if (p instanceof Piece.Arc arc
                        && Math.abs(arc.sweepRad()) >= Math.PI - 1e-9
                        && middles.stream().noneMatch(m -> m.distanceM(arc.centre()) < SAME_M)) {
                    middles.add(arc.centre());
                }
            }
            return middles;
        }
    }

    /**
     * Poles one after the other, square to the way ridden.
     *
     * @param first middle of the first pole, and the way ridden
     * @param apartM from middle to middle
     * @param isRaised on blocks or cavaletti
     */
    record OfPoles(Pose first, int poles, double apartM, double poleM, boolean isRaised) implements Thing {

        public static final int MOST = 12;

        public OfPoles {
            if (poles < 1 || poles > MOST || !(apartM >= 0.4 && apartM <= 5) || !(poleM >= 1 && poleM <= 6)) {
                throw new IllegalArgumentException(
                        "A row has 1 to %d poles (%d) of 1 to 6 m (%s m), 0.4 to 5 m apart (%s m)."
                                .formatted(MOST, poles, poleM, apartM));
            }
        }

        @Override
        public List<Caution> ownCautions() {
            return List.of(Caution.POLES);
        }

        @Override
        public List<Bar> bars() {
            return along(first, poles, i -> i * apartM, poleM);
        }

        @Override
        public List<List<Point>> ways(Arena arena) {
            return straight(first, (poles - 1) * apartM, RUN_TO_POLES_M, arena);
        }

        @Override
        public List<Spot> spots(Arena arena) {
            return ends(bars(), SpotKind.POLE_LEFT, SpotKind.POLE_RIGHT);
        }
    }

    /**
     * A fan of poles.
     *
     * @param middle to which it points, and the way from there to the middle of the fan
     */
    record OfFan(Pose middle, Fan fan) implements Thing {

        /** Nearer than this one middle is the other: as exactly as a fan is laid by hand, in metres. */
        private static final double SAME_M = 0.25;

        @Override
        public List<Caution> ownCautions() {
            return List.of(Caution.POLES);
        }

        @Override
        public List<Bar> bars() {
            return IntStream.range(0, fan.poles())
                    .mapToObj(i -> middle.headingRad() + (i - (fan.poles() - 1) / 2.0) * fan.gapRad())
                    .map(way -> new Bar(
                            middle.at().towards(way, fan.middleM() - fan.poleM() / 2),
                            middle.at().towards(way, fan.middleM() + fan.poleM() / 2)))
                    .toList();
        }

        /** Along the middles of its poles, straight to them and on from them. */
        @Override
        public List<List<Point>> ways(Arena arena) {
            double halfRad = (fan.poles() - 1) / 2.0 * fan.gapRad();
            List<Point> way = new ArrayList<>();
            way.addAll(run(at(-halfRad), -RUN_TO_POLES_M));
            int looks = (int) Math.ceil(2 * halfRad * fan.middleM() / LOOK_M);
            for (int i = 0; i <= looks; i++) {
                way.add(at(-halfRad + 2 * halfRad * i / Math.max(1, looks)).at());
            }
            way.addAll(run(at(halfRad), RUN_TO_POLES_M));
            return inside(way, arena);
        }

        /** Whether a figure goes round where the poles point to, over their usable middle: it is ridden on this fan. */
        public boolean isRiddenOn(Figure figure) {
            return figure.pieces().stream()
                    .anyMatch(p -> p instanceof Piece.Arc arc
                            && arc.centre().distanceM(middle.at()) < SAME_M
                            && fan.isUsable(arc.radiusM()));
        }

        /** On the line through the middles, turned so far from the middle of the fan. */
        private Pose at(double byRad) {
            double outRad = middle.headingRad() + byRad;
            return new Pose(middle.at().towards(outRad, fan.middleM()), outRad + Math.PI / 2);
        }

        private static List<Point> run(Pose end, double runM) {
            Point far = end.at().towards(end.headingRad(), runM);
            return runM < 0 ? List.of(far, end.at()) : List.of(end.at(), far);
        }

        @Override
        public List<Spot> spots(Arena arena) {
            List<Spot> spots = new ArrayList<>();
            if (arena.holds(middle.at())) {
                spots.add(new Spot(SpotKind.MIDDLE, 1, middle.at()));
            }
            spots.addAll(ends(bars(), SpotKind.POLE_INNER, SpotKind.POLE_OUTER));
            return spots;
        }
    }

    /**
     * Fences one after the other, square to the way ridden.
     *
     * @param first middle of the first fence, and the way ridden
     * @param distancesM from each to the next; none for a single fence
     * @param fenceM how high
     * @param widthM from stand to stand
     */
    record OfFences(Pose first, List<Double> distancesM, double fenceM, double widthM) implements Thing {

        public static final int MOST = 8;

        public OfFences {
            distancesM = List.copyOf(distancesM);
            if (distancesM.size() >= MOST
                    || distancesM.stream().anyMatch(d -> !(d >= 2 && d <= 60))
                    || !(fenceM >= 0 && fenceM <= 2)
                    || !(widthM >= 1 && widthM <= 6)) {
                throw new IllegalArgumentException(
                        "Up to %d fences stand 2 to 60 m apart (%s), up to 2 m high (%s m) and 1 to 6 m wide (%s m)."
                                .formatted(MOST, distancesM, fenceM, widthM));
            }
        }

        @Override
        public List<Caution> ownCautions() {
            return List.of(Caution.FENCES);
        }

        @Override
        public List<Bar> bars() {
            return along(
                    first,
                    distancesM.size() + 1,
                    i -> distancesM.stream().limit(i).mapToDouble(d -> d).sum(),
                    widthM);
        }

        @Override
        public List<List<Point>> ways(Arena arena) {
            return straight(first, distancesM.stream().mapToDouble(d -> d).sum(), RUN_TO_FENCES_M, arena);
        }

        /** Middles and ways ridden, in order; the other way round from the last to the first. */
        public List<Pose> gates(boolean isReversed) {
            List<Pose> gates = new ArrayList<>();
            double alongM = 0;
            for (int i = 0; i <= distancesM.size(); i++) {
                Point at = first.at().towards(first.headingRad(), alongM);
                gates.add(new Pose(at, first.headingRad() + (isReversed ? Math.PI : 0)));
                alongM += i < distancesM.size() ? distancesM.get(i) : 0;
            }
            if (isReversed) {
                Collections.reverse(gates);
            }
            return gates;
        }

        @Override
        public List<Spot> spots(Arena arena) {
            return ends(bars(), SpotKind.FENCE_LEFT, SpotKind.FENCE_RIGHT);
        }
    }

    /**
     * A course over fences that stand: nothing to set out but them.
     *
     * @param gates middles of its fences, and the ways ridden over them, in order, at least two
     * @param turnM radius of its turns, in [3, 30]
     */
    record OfCourse(List<Pose> gates, double turnM) implements Thing {

        public static final int MOST = 20;

        public static final double LEAST_TURN_M = 3;

        public static final double MOST_TURN_M = 30;

        /** Straight before and after a fence: one stride of a horse (common practice, no source), in metres. */
        static final double STRAIGHT_M = 3.66;

        public OfCourse {
            gates = List.copyOf(gates);
            if (gates.size() < 2 || gates.size() > MOST || !(turnM >= LEAST_TURN_M && turnM <= MOST_TURN_M)) {
                throw new IllegalArgumentException(
                        "A course goes over 2 to %d fences (%d) with turns of %.0f to %.0f m (%s)."
                                .formatted(MOST, gates.size(), LEAST_TURN_M, MOST_TURN_M, turnM));
            }
        }

        /**
         * Over all of them.
         *
         * @throws strophos.core.arena.FigureLeavesArena with the place where it does not fit
         */
        public Figure line(Arena arena) {
            return Figures.over(arena, gates, turnM, STRAIGHT_M);
        }

        /** From each of its fences to the next. */
        public List<Figure> legs(Arena arena) {
            return IntStream.range(1, gates.size())
                    .mapToObj(i -> Figures.over(arena, gates.subList(i - 1, i + 1), turnM, STRAIGHT_M))
                    .toList();
        }

        @Override
        public List<Caution> ownCautions() {
            return List.of(Caution.FENCES);
        }

        @Override
        public List<Spot> spots(Arena arena) {
            return List.of();
        }

        @Override
        public List<List<Point>> ways(Arena arena) {
            return List.of(OfFigure.looks(line(arena)));
        }
    }

    /** A straight line ridden sideways from letter to letter: nothing to set out, since letters stand. */
    record OfYield(String from, String to) implements Thing {

        @Override
        public List<List<Point>> ways(Arena arena) {
            return List.of(List.of(arena.place(from), arena.place(to)));
        }

        @Override
        public List<Spot> spots(Arena arena) {
            return List.of();
        }
    }

    /**
     * Quarters in on a circle.
     *
     * @param fore the circle of the forehand
     * @param hindM the circle of the quarters, across, about the same middle
     */
    record OfQuarters(FigureWish fore, double hindM) implements Thing {

        @Override
        public List<Spot> spots(Arena arena) {
            return new OfFigure(fore).spots(arena);
        }

        @Override
        public List<List<Point>> ways(Arena arena) {
            return new OfFigure(fore).ways(arena);
        }

        /** The circle of the quarters, from beside where the forehand begins. */
        public Figure hind(Arena arena) {
            Piece.Arc outer = (Piece.Arc) fore.laid(arena).pieces().get(0);
            return new Figure(List.of(new Piece.Arc(outer.centre(), hindM / 2, outer.fromRad(), outer.sweepRad())));
        }
    }

    /** A cone. */
    record OfCone(Point at) implements Thing {

        @Override
        public List<Caution> ownCautions() {
            return List.of(Caution.CONES);
        }

        @Override
        public List<Spot> spots(Arena arena) {
            return List.of(new Spot(SpotKind.CONE, 1, at));
        }
    }

    private static List<List<Point>> straight(Pose first, double lengthM, double runM, Arena arena) {
        int looks = (int) Math.ceil((lengthM + 2 * runM) / LOOK_M);
        return inside(
                IntStream.rangeClosed(0, looks)
                        .mapToObj(i -> first.at().towards(first.headingRad(), (lengthM + 2 * runM) * i / looks - runM))
                        .toList(),
                arena);
    }

    /** The rest is ridden in a curve, and nobody knows yet in which. */
    private static List<List<Point>> inside(List<Point> way, Arena arena) {
        return List.of(way.stream().filter(arena::holds).toList());
    }

    private static List<Bar> along(Pose first, int count, Function<Integer, Double> alongM, double lengthM) {
        return IntStream.range(0, count)
                .mapToObj(i -> first.at().towards(first.headingRad(), alongM.apply(i)))
                .map(middle -> Bar.across(middle, first.headingRad(), lengthM))
                .toList();
    }

    private static List<Spot> ends(List<Bar> bars, SpotKind from, SpotKind to) {
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            spots.add(new Spot(from, i + 1, bars.get(i).from()));
            spots.add(new Spot(to, i + 1, bars.get(i).to()));
        }
        return spots;
    }
}
