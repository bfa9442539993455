package strophos.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.arena.Figure;
import strophos.core.arena.Piece;
import strophos.core.arena.Point;
import strophos.core.bend.Bend;
import strophos.core.exchange.Side;
import strophos.core.stride.Pace;
import strophos.core.stride.Stride;

/** A figure as one horse goes it. */
public record FigureOfHorse(Figure figure, HorseOnGround horse) {

    /** A turn of a quarter or less is a corner: it asks no even bend (common practice, no source). */
    private static final double CORNER_RAD = Math.PI / 2 + 1e-9;

    private static final double ROUNDING_M = 1e-9;

    /**
     * One piece, and how the horse is bent on it.
     *
     * @param bendRad from poll to dock, above 0 to the left, 0 straight or in a pivot
     */
    public record PieceBend(Piece piece, double bendRad) {}

    /** Why a turn is too tight. */
    public enum Reason {
        /** Smaller than the smallest volte there is. */
        VOLTE,
        /** Smaller than the last circle on which this horse stays even to this side. */
        EVEN
    }

    /**
     * Where a figure is tighter than this horse may go.
     *
     * @param where it begins
     * @param diameterM as it is asked
     * @param leastM as it may be
     */
    public record TooTight(Point where, Side side, double diameterM, double leastM, Reason reason) {}

    public List<PieceBend> bends() {
        return figure.pieces().stream()
                .map(p -> new PieceBend(p, p.isPivot() ? 0 : p.curvature() * horse.backM()))
                .toList();
    }

    /** The most it is bent, in radians; 0 when nothing is. */
    public double mostBendRad() {
        return bends().stream().mapToDouble(b -> Math.abs(b.bendRad())).max().orElse(0);
    }

    /** The first place that is tighter than this horse may go; a pivot is no bend and is left out. */
    public Optional<TooTight> tooTight() {
        for (List<Piece> turn : turns()) {
            Side side = turn.get(0).curvature() > 0 ? Side.LEFT : Side.RIGHT;
            boolean isCorner =
                    Math.abs(turn.stream().mapToDouble(Piece::turningRad).sum()) <= CORNER_RAD;
            OptionalInt even = isCorner ? OptionalInt.empty() : horse.evenM(side);
            for (Piece p : turn) {
                double diameterM = 2 / Math.abs(p.curvature());
                if (diameterM < Bend.SMALLEST_VOLTE_M - ROUNDING_M) {
                    return Optional.of(new TooTight(p.start(), side, diameterM, Bend.SMALLEST_VOLTE_M, Reason.VOLTE));
                }
                if (even.orElse(0) > diameterM + ROUNDING_M) {
                    return Optional.of(new TooTight(p.start(), side, diameterM, even.getAsInt(), Reason.EVEN));
                }
            }
        }
        return Optional.empty();
    }

    /** Pieces of one bend that follow each other. */
    private List<List<Piece>> turns() {
        List<List<Piece>> turns = new ArrayList<>();
        Piece before = null;
        for (Piece p : figure.pieces()) {
            if (p.curvature() != 0 && !p.isPivot()) {
                boolean goesOn = before != null && !before.isPivot() && before.curvature() * p.curvature() > 0;
                if (!goesOn) {
                    turns.add(new ArrayList<>());
                }
                turns.get(turns.size() - 1).add(p);
            }
            before = p;
        }
        return turns;
    }

    /** How much further the right legs go than the left ones, in metres: their distance times the turning. */
    public double rightLegsMoreM() {
        return horse.feetApartM() * figure.turningRad();
    }

    public double seconds(Stride stride) {
        return figure.lengthM() / stride.speedMs();
    }

    public double strides(Stride stride) {
        return figure.lengthM() / stride.lengthM();
    }

    /** As they are counted aloud: steps in walk and trot, strides in canter. */
    public double steps(Pace pace, Stride stride) {
        return pace.steps(strides(stride));
    }

    /** How much longer a stride is with this many fewer of them, in metres; below 0 it is shorter with more. */
    public double longerByM(Stride stride, int fewer) {
        double strides = strides(stride);
        if (!(strides - fewer > 0)) {
            throw new IllegalArgumentException(
                    "%d strides fewer are more than the %.1f there are.".formatted(fewer, strides));
        }
        return figure.lengthM() / (strides - fewer) - stride.lengthM();
    }
}
