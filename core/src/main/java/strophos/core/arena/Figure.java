package strophos.core.arena;

import java.util.List;

/** A line ridden once: pieces joined end to end. */
public record Figure(List<Piece> pieces) {

    /** How far apart two joined ends may lie, in metres. */
    private static final double JOIN_M = 1e-6;

    public Figure {
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty()) {
            throw new IllegalArgumentException("A figure needs at least one piece.");
        }
        for (int i = 1; i < pieces.size(); i++) {
            double gapM = pieces.get(i - 1).end().distanceM(pieces.get(i).start());
            if (gapM > JOIN_M) {
                throw new IllegalArgumentException(
                        "Piece %d begins %.3f m away from the end of the one before it.".formatted(i + 1, gapM));
            }
        }
    }

    public double lengthM() {
        return pieces.stream().mapToDouble(Piece::lengthM).sum();
    }

    /** The smallest radius ridden, in metres; infinite when all is straight. */
    public double smallestRadiusM() {
        return pieces.stream()
                .mapToDouble(p -> p.curvature() == 0 ? Double.POSITIVE_INFINITY : 1 / Math.abs(p.curvature()))
                .min()
                .orElseThrow();
    }

    /** How often the bend changes from one side to the other. */
    public int changesOfBend() {
        double before = 0;
        int changes = 0;
        for (Piece p : pieces) {
            double now = Math.signum(p.curvature());
            if (now != 0) {
                changes += before != 0 && before != now ? 1 : 0;
                before = now;
            }
        }
        return changes;
    }

    /**
     * This figure, if the arena holds all of it.
     *
     * @throws FigureLeavesArena with the place where it does not
     */
    Figure within(Arena arena) {
        pieces.stream()
                .flatMap(Piece::extremes)
                .filter(p -> !arena.holds(p))
                .findFirst()
                .ifPresent(p -> {
                    throw new FigureLeavesArena(p, arena);
                });
        return this;
    }
}
