package strophos.core.sideways;

import java.util.Comparator;
import java.util.List;
import strophos.core.arena.Arena;
import strophos.core.arena.Point;

/**
 * A straight line ridden forward and sideways at once, the horse parallel to the long side.
 *
 * @param to a letter
 * @param sideShare sideways as a share of both: |dx| / (|dx| + |dy|), in [0, 1]
 * @param lengthM along the line
 */
public record Yield(String from, String to, double sideShare, double lengthM) {

    /** For teaching one stays within these shares of sideways (common practice, no source). */
    public static final double LEAST_SIDE_SHARE = 0.20;

    public static final double MOST_SIDE_SHARE = 0.30;

    /** From letter to letter. */
    public static Yield between(Arena arena, String from, String to) {
        Point a = arena.place(from);
        Point b = arena.place(to);
        double across = Math.abs(b.xM() - a.xM());
        double up = Math.abs(b.yM() - a.yM());
        if (!(across + up > 0)) {
            throw new IllegalArgumentException("From %s to %s there is no way to go.".formatted(from, to));
        }
        return new Yield(from, to, across / (across + up), a.distanceM(b));
    }

    /** How far the way of travel turns off the way the horse looks: tan α = sideways / forward, in [0, π/2]. */
    public double angleRad() {
        return angleRad(sideShare);
    }

    /** @param sideShare in [0, 1] */
    public static double angleRad(double sideShare) {
        if (!(sideShare >= 0 && sideShare <= 1)) {
            throw new IllegalArgumentException("A share (%s) lies in [0, 1].".formatted(sideShare));
        }
        return Math.atan2(sideShare, 1 - sideShare);
    }

    /** Every letter of the arena to which a line from here is as steep as wanted, the flattest first. */
    public static List<Yield> ends(Arena arena, String from, double leastSideShare, double mostSideShare) {
        if (!(leastSideShare >= 0 && leastSideShare <= mostSideShare && mostSideShare <= 1)) {
            throw new IllegalArgumentException(
                    "Shares run from %s to %s; both lie in [0, 1], the first no more than the second."
                            .formatted(leastSideShare, mostSideShare));
        }
        Point start = arena.place(from);
        return arena.letters().entrySet().stream()
                .filter(e -> !e.getKey().equals(from)
                        && arena.holds(e.getValue())
                        && e.getValue().distanceM(start) > 0)
                .map(e -> between(arena, from, e.getKey()))
                .filter(y -> y.sideShare() > 0 && y.sideShare() >= leastSideShare && y.sideShare() <= mostSideShare)
                .sorted(Comparator.comparingDouble(Yield::sideShare).thenComparing(Yield::to))
                .toList();
    }
}
