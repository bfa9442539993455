package strophos.core.setout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import strophos.core.arena.Arena;
import strophos.core.arena.Point;
import strophos.core.arena.Shape;

/**
 * Where a thing stands: this far from one named place, that far from another, on one side of the line between them.
 *
 * @param isLeft it lies to the left for whoever looks from the first place to the second
 */
public record Tapes(Tape one, Tape other, boolean isLeft) {

    /** One tape: from a named place, so far. */
    public record Tape(String from, double lengthM) {}

    /** Where two tapes meet more sharply or more flatly than 25° a small slip moves the point far: worse than all else. */
    private static final double SHARPEST_SINE = Math.sin(Math.toRadians(25));

    private static final double TOO_SHARP = 2000;

    /** Below 3° there is no crossing to be seen. */
    private static final double NO_CROSSING_SINE = Math.sin(Math.toRadians(3));

    /** Tapes of this length are at hand, in metres. */
    private static final double HANDY_M = 30;

    /** Where the same two tapes meet a second time inside the arena one has to be told on which side: worse than any length. */
    private static final double TWO_PLACES = 500;

    private static final double OUT_OF_REACH = 1000;

    /** Nearer than this nobody takes the one place for the other, in metres. */
    private static final double TELLS_APART_M = 0.3;

    /**
     * The two tapes to a place: short ones that meet squarely, from letters, landmarks and corners.
     *
     * @return empty where no two places give a good crossing
     */
    public static Optional<Tapes> to(Arena arena, Point place) {
        List<Named> from = names(arena);
        List<Tapes> found = new ArrayList<>();
        List<Double> badness = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            for (int j = i + 1; j < from.size(); j++) {
                Named a = from.get(i);
                Named b = from.get(j);
                double one = a.at().distanceM(place);
                double other = b.at().distanceM(place);
                double sine = one == 0 || other == 0 ? 1 : Math.abs(cross(place, a.at(), b.at())) / (one * other);
                if (sine >= NO_CROSSING_SINE) {
                    found.add(new Tapes(
                            new Tape(a.name(), one), new Tape(b.name(), other), cross(a.at(), b.at(), place) > 0));
                    boolean isEither = arena.holds(mirrored(place, a.at(), b.at()));
                    badness.add(badness(one, other, sine) + (isEither ? TWO_PLACES : 0));
                }
            }
        }
        return IntStream.range(0, found.size())
                .boxed()
                .min(Comparator.comparingDouble(badness::get))
                .map(found::get);
    }

    /** Where two tapes meet. */
    public Point at(Arena arena) {
        Point a = place(arena, one.from());
        Point b = place(arena, other.from());
        double apart = a.distanceM(b);
        double along =
                (apart * apart + one.lengthM() * one.lengthM() - other.lengthM() * other.lengthM()) / (2 * apart);
        double square = one.lengthM() * one.lengthM() - along * along;
        if (!(apart > 0) || square < -1e-6) {
            throw new IllegalArgumentException("Tapes of %s m from %s and %s m from %s do not meet."
                    .formatted(one.lengthM(), one.from(), other.lengthM(), other.from()));
        }
        double heading = a.headingRad(b);
        return a.towards(heading, along)
                .towards(heading + (isLeft ? Math.PI / 2 : -Math.PI / 2), Math.sqrt(Math.max(0, square)));
    }

    /** Which of two places is meant: the one nearer to this letter, or the one further from it. */
    public record Which(String letter, boolean isNearer) {}

    /** Told where the same two tapes meet a second time inside the arena; empty where there is nothing to mistake. */
    public Optional<Which> which(Arena arena) {
        Point here = at(arena);
        Point there = new Tapes(one, other, !isLeft).at(arena);
        if (!arena.holds(there) || here.distanceM(there) < TELLS_APART_M) {
            return Optional.empty();
        }
        return Stream.of("A", "B", "C", "E")
                .max(Comparator.comparingDouble(name -> Math.abs(nearerByM(arena.place(name), here, there))))
                .map(name -> new Which(name, nearerByM(arena.place(name), here, there) > 0));
    }

    private static double nearerByM(Point letter, Point here, Point there) {
        return letter.distanceM(there) - letter.distanceM(here);
    }

    /** Short and square is good; a tape that is not at hand is bad. */
    private static double badness(double oneM, double otherM, double sine) {
        double longest = Math.max(oneM, otherM);
        return (oneM + otherM) / sine + (longest > HANDY_M ? OUT_OF_REACH : 0) + (sine < SHARPEST_SINE ? TOO_SHARP : 0);
    }

    /** On the other side of the line through two places. */
    private static Point mirrored(Point p, Point a, Point b) {
        double heading = a.headingRad(b);
        double across = cross(a, b, p) / a.distanceM(b);
        return p.towards(heading - Math.PI / 2, 2 * across);
    }

    /** Twice the area of a triangle; above 0 when its corners run counter-clockwise. */
    private static double cross(Point a, Point b, Point c) {
        return (b.xM() - a.xM()) * (c.yM() - a.yM()) - (b.yM() - a.yM()) * (c.xM() - a.xM());
    }

    /** A place a tape can be held at. */
    public record Named(String name, Point at) {}

    /** Letters on the track and landmarks; the corners of a rectangle; the middles of the sides where there are no letters. */
    public static List<Named> names(Arena arena) {
        List<Named> all = new ArrayList<>();
        new TreeMap<>(arena.letters()).forEach((name, at) -> {
            if (!isInside(arena, at)) {
                all.add(new Named(name, at));
            }
        });
        if (arena.shape() == Shape.RECTANGLE) {
            for (Corner corner : Corner.values()) {
                all.add(new Named(corner.name(), corner.of(arena)));
            }
        }
        for (String name : List.of("A", "B", "C", "E")) {
            if (arena.letter(name).isEmpty()) {
                all.add(new Named(name, arena.place(name)));
            }
        }
        return List.copyOf(all);
    }

    private static Point place(Arena arena, String name) {
        return names(arena).stream()
                .filter(n -> n.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No tape is held at %s here.".formatted(name)))
                .at();
    }

    /** The letters of the centre line are not there to be seen: nobody holds a tape at X. */
    private static boolean isInside(Arena arena, Point at) {
        return arena.holds(at) && arena.edgeM(at) > 0.1;
    }

    /** The corners of a rectangle, by the letters they lie next to. */
    public enum Corner {
        CORNER_AK,
        CORNER_AF,
        CORNER_CH,
        CORNER_CM;

        Point of(Arena arena) {
            return new Point(
                    this == CORNER_AK || this == CORNER_CH ? 0 : arena.widthM(),
                    this == CORNER_AK || this == CORNER_AF ? 0 : arena.lengthM());
        }
    }
}
