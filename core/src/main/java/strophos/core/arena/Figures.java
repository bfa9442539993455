package strophos.core.arena;

import static java.lang.Math.PI;
import static strophos.core.arena.Arena.CORNER_LETTER_M;

import java.util.ArrayList;
import java.util.List;
import strophos.core.exchange.Rein;

/** Figures laid into an arena; all on the left rein unless a rein is given. */
public final class Figures {

    /** A circle of the two-cone drill: 10 ft across. */
    public static final double CONE_CIRCLE_M = 3.048;

    /** The circle from which a turn on the haunches is ridden, in metres across. */
    static final double HAUNCHES_CIRCLE_M = 10;

    /** From fore to hind foot of a horse of 1.60 m: 0.75 × height (assumption). The forehand turns on this radius about the hind. */
    static final double FORE_TO_HIND_M = 1.2;

    /** How steeply a half circle comes back to the track (common practice, no source). */
    private static final double BACK_RAD = Math.toRadians(40);

    /** What an eye cannot tell: a hand's width on twenty metres. */
    private static final double STRAIGHT_ON_RAD = 0.005;

    private Figures() {}

    /**
     * One lap of the track: perimeter − 4 r (2 − π/2); of an oval, along its fence.
     *
     * @param cornerRadiusM in (0, half the width]; an oval has its own
     * @throws TurnsNeedRoom when the corners are rounder than the arena is wide
     */
    public static Figure track(Arena arena, double cornerRadiusM) {
        double w = arena.widthM();
        double l = arena.lengthM();
        double r = arena.shape() == Shape.OVAL ? w / 2 : cornerRadiusM;
        if (!(r > 0)) {
            throw new IllegalArgumentException("A corner's radius (%s m) must be above 0.".formatted(r));
        }
        if (r > w / 2) {
            throw new TurnsNeedRoom(new Point(w, 0), 2 * r - w);
        }
        Trace trace = new Trace(new Point(r, 0), 0);
        for (int side = 0; side < 4; side++) {
            trace.ahead((side % 2 == 0 ? w : l) - 2 * r).turn(r, PI / 2);
        }
        return trace.figure().within(arena);
    }

    /**
     * A circle that touches the track at a letter, or lies about one in the middle of the arena.
     *
     * @param diameterM above 0
     * @throws IllegalArgumentException for a letter this arena does not have, or has outside
     * @throws FigureLeavesArena when it is too large
     */
    public static Figure circle(Arena arena, String letter, double diameterM, Rein rein) {
        double r = diameterM / 2;
        return onRein(arena, rein, letter, at -> onTrack(arena, at, r).turn(r, 2 * PI));
    }

    /**
     * From the track a half circle, then obliquely back to the track: on the other rein from then on.
     *
     * @param diameterM of the half circle, above 0
     */
    public static Figure halfCircleBack(Arena arena, String letter, double diameterM, Rein rein) {
        double r = diameterM / 2;
        double obliqueM = (r * (1 + Math.cos(BACK_RAD)) - r * (1 - Math.cos(BACK_RAD))) / Math.sin(BACK_RAD);
        return onRein(arena, rein, letter, at -> {
            if (arena.inwardRad(at).isEmpty()) {
                throw new NotRiddenHere(
                        NotRiddenHere.Reason.NOT_ON_TRACK,
                        "A half circle back begins on the track, not at %s.".formatted(letter));
            }
            return onTrack(arena, at, r).turn(r, PI + BACK_RAD).ahead(obliqueM).turn(r, -BACK_RAD);
        });
    }

    /** From the letter after the short side to the one before the other: long across the whole arena, short to its middle. */
    public static Figure diagonal(Arena arena, boolean isLong, double turnRadiusM, Rein rein) {
        needSides(arena);
        double w = arena.widthM();
        double l = arena.lengthM();
        Point from = new Point(w, CORNER_LETTER_M);
        Point to = new Point(0, isLong ? l - CORNER_LETTER_M : l / 2);
        double leadM = turnRadiusM * Math.tan(Math.abs(PI / 2 - from.headingRad(to)) / 2);
        return onRein(
                arena, rein, Trace.through(List.of(from.moved(0, -leadM), from, to, to.moved(0, leadM)), turnRadiusM));
    }

    /** An S of two half circles inside a circle; ends on the circle, on the other rein. */
    public static Figure changeInCircle(Arena arena, String letter, double diameterM, Rein rein) {
        double r = diameterM / 2;
        return onRein(arena, rein, letter, at -> {
            Point centre = centre(arena, at, r);
            return new Trace(centre.moved(r, 0), PI / 2).turn(r / 2, PI).turn(r / 2, -PI);
        });
    }

    /**
     * Along a long side in towards the middle and back, in three arcs of one radius.
     *
     * @param depthM how far in, above 0
     */
    public static Figure loop(Arena arena, double depthM, Rein rein) {
        needSides(arena);
        double alongM = arena.lengthM() - 2 * CORNER_LETTER_M;
        double angle = 2 * Math.atan(2 * depthM / alongM);
        double r = alongM / (4 * Math.sin(angle));
        return onRein(
                arena,
                rein,
                new Trace(new Point(arena.widthM(), CORNER_LETTER_M), PI / 2)
                        .turn(r, angle)
                        .turn(r, -2 * angle)
                        .turn(r, angle)
                        .figure());
    }

    /**
     * A serpentine from A to C that touches both long sides: {@code loops} half circles joined by straight lines across
     * the centre line.
     *
     * @param loops at least 2
     * @throws FigureLeavesArena when a loop is wider than half the arena
     */
    public static Figure serpentine(Arena arena, int loops, Rein rein) {
        needSides(arena);
        if (loops < 2) {
            throw new IllegalArgumentException("A serpentine has at least 2 loops, not %d.".formatted(loops));
        }
        double w = arena.widthM();
        double r = arena.lengthM() / (2 * loops);
        if (r > w / 2) {
            throw new FigureLeavesArena(new Point(w - 2 * r, r), arena);
        }
        Trace trace = new Trace(new Point(w / 2, 0), 0);
        double aheadM = w / 2 - r;
        for (int i = 0; i < loops; i++) {
            trace.ahead(aheadM).turn(r, i % 2 == 0 ? PI : -PI);
            aheadM = w - 2 * r;
        }
        return onRein(arena, rein, trace.ahead(w / 2 - r).figure());
    }

    /** Two circles that meet at a letter, one to each side; the rein is that of the first. */
    public static Figure figureEight(Arena arena, String letter, double diameterM, Rein rein) {
        double r = diameterM / 2;
        return onRein(
                arena, rein, letter, at -> new Trace(at, 0).turn(r, 2 * PI).turn(r, -2 * PI));
    }

    /**
     * In half circles, each a little smaller, in to the smallest, and out again.
     *
     * @param fromM across at the widest
     * @param toM across at the narrowest, no more than {@code fromM}
     * @param turns rounds on the way in, and as many on the way out, at least 1
     */
    public static Figure spiral(Arena arena, String letter, double fromM, double toM, int turns, Rein rein) {
        if (!(toM <= fromM)) {
            throw new NotRiddenHere(
                    NotRiddenHere.Reason.WIDENS,
                    "A spiral goes in from %s m to no more than that, not to %s m.".formatted(fromM, toM));
        }
        if (turns < 1) {
            throw new IllegalArgumentException("A spiral has at least 1 turn, not %d.".formatted(turns));
        }
        int halves = 2 * turns;
        List<Double> radii = new ArrayList<>();
        for (int i = 0; i < halves; i++) {
            radii.add((fromM + (toM - fromM) * i / (halves - 1)) / 2);
        }
        for (int i = halves - 1; i >= 0; i--) {
            radii.add(radii.get(i));
        }
        return onRein(arena, rein, letter, at -> {
            Trace trace = onTrack(arena, at, fromM / 2);
            radii.forEach(r -> trace.turn(r, PI));
            return trace;
        });
    }

    /** Off the short side, up a line along the arena, and on to the other short side, on the same rein. */
    public static Figure upTheArena(Arena arena, double shareAcross, double turnRadiusM, Rein rein) {
        needSides(arena);
        double x = arena.widthM() * shareAcross;
        double r = turnRadiusM;
        List<Point> places = List.of(
                new Point(x - r, 0), new Point(x, 0), new Point(x, arena.lengthM()), new Point(x - r, arena.lengthM()));
        return onRein(arena, rein, Trace.through(places, r));
    }

    /**
     * Along a long side sideways in and out again, straight in the body: every piece is straight, and the way of travel
     * changes between them while the horse stays parallel to the side.
     *
     * @param legs in and out counted each, at least 1
     * @param depthM how far in
     */
    public static Figure zigzag(Arena arena, int legs, double depthM, Rein rein) {
        needSides(arena);
        if (legs < 1) {
            throw new IllegalArgumentException("A zigzag has at least 1 leg, not %d.".formatted(legs));
        }
        double alongM = (arena.lengthM() - 2 * CORNER_LETTER_M) / legs;
        List<Piece> pieces = new ArrayList<>();
        Point from = new Point(arena.widthM(), CORNER_LETTER_M);
        for (int i = 0; i < legs; i++) {
            Point to = from.moved(i % 2 == 0 ? -depthM : depthM, alongM);
            pieces.add(new Piece.Straight(from, to));
            from = to;
        }
        return onRein(arena, rein, new Figure(pieces));
    }

    /** Two circles of 10 ft round two cones, turned in steps: first the one, then the other. */
    public static Figure twoCones(Arena arena, String letter, Rein rein) {
        double r = CONE_CIRCLE_M / 2;
        return onRein(
                arena,
                rein,
                letter,
                at -> new Trace(at, PI / 2).pivot(r, 2 * PI).pivot(r, -2 * PI));
    }

    /** Where the two cones stand. */
    public static List<Point> cones(Arena arena, String letter) {
        Point at = arena.place(letter);
        return List.of(at.moved(-CONE_CIRCLE_M / 2, 0), at.moved(CONE_CIRCLE_M / 2, 0));
    }

    /** A circle of 10 m, half a turn about the inside hind foot, and the circle to the other side. */
    public static Figure haunchesTurn(Arena arena, String letter, Rein rein) {
        double r = HAUNCHES_CIRCLE_M / 2;
        return onRein(
                arena,
                rein,
                letter,
                at -> onTrack(arena, at, r)
                        .turn(r, 2 * PI)
                        .pivot(FORE_TO_HIND_M, PI)
                        .turn(r, -2 * PI));
    }

    /**
     * From gate to gate, straight over each of them, turning between: the shortest way that stays inside.
     *
     * @param gates middles, and the ways ridden over them, at least two
     * @param radiusM of the turns, above 0
     * @param straightM ridden straight before and after each, at least 0
     * @throws FigureLeavesArena with the place where the shortest way does, where none stays inside
     */
    public static Figure over(Arena arena, List<Pose> gates, double radiusM, double straightM) {
        if (gates.size() < 2 || !(radiusM > 0) || !(straightM >= 0)) {
            throw new IllegalArgumentException(
                    "A way goes over 2 gates or more (%d) with turns above 0 m (%s).".formatted(gates.size(), radiusM));
        }
        List<Piece> pieces = new ArrayList<>();
        for (int i = 1; i < gates.size(); i++) {
            Pose left = gates.get(i - 1);
            Pose next = gates.get(i);
            Pose after = new Pose(left.at().towards(left.headingRad(), straightM), left.headingRad());
            Pose before = new Pose(next.at().towards(next.headingRad(), -straightM), next.headingRad());
            pieces.addAll(
                    isStraightOn(left, next)
                            ? List.of(new Piece.Straight(left.at(), next.at()))
                            : inside(
                                    arena,
                                    Turns.between(after, before, radiusM).stream()
                                            .map(way -> joined(left.at(), way, next.at()))
                                            .toList()));
        }
        return new Figure(pieces);
    }

    /** The one stands before the other, and both are ridden the same way. */
    private static boolean isStraightOn(Pose one, Pose other) {
        double wayRad = one.at().headingRad(other.at());
        return Math.abs(Math.IEEEremainder(wayRad - one.headingRad(), 2 * PI)) < STRAIGHT_ON_RAD
                && Math.abs(Math.IEEEremainder(other.headingRad() - one.headingRad(), 2 * PI)) < STRAIGHT_ON_RAD;
    }

    private static List<Piece> joined(Point from, List<Piece> way, Point to) {
        Point begins = way.isEmpty() ? from : way.get(0).start();
        Point ends = way.isEmpty() ? from : way.get(way.size() - 1).end();
        List<Piece> all = new ArrayList<>();
        if (from.distanceM(begins) > 0) {
            all.add(new Piece.Straight(from, begins));
        }
        all.addAll(way);
        if (ends.distanceM(to) > 0) {
            all.add(new Piece.Straight(ends, to));
        }
        return all;
    }

    private static List<Piece> inside(Arena arena, List<List<Piece>> ways) {
        FigureLeavesArena shortest = null;
        for (List<Piece> way : ways) {
            try {
                return new Figure(way).within(arena).pieces();
            } catch (FigureLeavesArena e) {
                shortest = shortest == null ? e : shortest;
            }
        }
        throw shortest;
    }

    private interface FromPlace {
        Trace ride(Point at);
    }

    /** Ridden on the left rein at the place that a mirror shows for the right. */
    private static Figure onRein(Arena arena, Rein rein, String letter, FromPlace figure) {
        Point at = arena.place(letter);
        if (!arena.holds(at)) {
            throw new NotRiddenHere(
                    NotRiddenHere.Reason.LETTER_OUTSIDE,
                    "%s stands outside the arena; figures are laid at a place inside.".formatted(letter));
        }
        Point left = rein == Rein.RIGHT ? at.mirrored(arena.widthM() / 2) : at;
        return onRein(arena, rein, figure.ride(left).figure());
    }

    private static Figure onRein(Arena arena, Rein rein, Figure left) {
        return (rein == Rein.RIGHT ? left.mirrored(arena.widthM() / 2) : left).within(arena);
    }

    /** On the track at a place of it, on the left rein; about a place away from it, beside that. */
    private static Trace onTrack(Arena arena, Point at, double radiusM) {
        return arena.inwardRad(at)
                .map(inward -> new Trace(at, inward - PI / 2))
                .orElseGet(() -> new Trace(at.moved(radiusM, 0), PI / 2));
    }

    private static Point centre(Arena arena, Point at, double radiusM) {
        return arena.inwardRad(at).map(inward -> at.towards(inward, radiusM)).orElse(at);
    }

    private static void needSides(Arena arena) {
        if (arena.shape() != Shape.RECTANGLE || arena.lengthM() < Arena.LETTERED_FROM_M) {
            throw new NotRiddenHere(
                    NotRiddenHere.Reason.NO_LONG_SIDE,
                    "This figure needs a long side with corners; ride a circle, an eight or a spiral here.");
        }
    }
}
