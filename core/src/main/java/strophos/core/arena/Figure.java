package strophos.core.arena;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;

/** A line ridden once: pieces joined end to end. */
public record Figure(List<Piece> pieces) {

    /** How far apart two joined ends may lie, in metres. */
    private static final double JOIN_M = 1e-6;

    /** The line is looked at this often, in metres: between two looks a circle of 5 m radius strays by a tenth of a millimetre. */
    private static final double LOOK_M = 0.05;

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

    /** How far it turns in all, in radians: above 0 to the left. */
    public double turningRad() {
        return pieces.stream().mapToDouble(Piece::turningRad).sum();
    }

    /** The smallest radius ridden in a bend, in metres; infinite when all is straight or turned in steps. */
    public double smallestRadiusM() {
        return pieces.stream()
                .filter(p -> !p.isPivot() && p.curvature() != 0)
                .mapToDouble(p -> 1 / Math.abs(p.curvature()))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** How often the bend changes from one side to the other. */
    public int changesOfBend() {
        return bendChangesM().size();
    }

    /** How far along the bend changes: halfway through what is straight between the two. */
    public List<Double> bendChangesM() {
        List<Double> changes = new ArrayList<>();
        double side = 0;
        double bentUntilM = 0;
        double alongM = 0;
        for (Piece p : pieces) {
            double now = Math.signum(p.curvature());
            if (now != 0) {
                if (side != 0 && side != now) {
                    changes.add((bentUntilM + alongM) / 2);
                }
                side = now;
                bentUntilM = alongM + p.lengthM();
            }
            alongM += p.lengthM();
        }
        return List.copyOf(changes);
    }

    /** Metres bent to this side of the horse. */
    public double bentM(boolean isLeft) {
        return pieces.stream()
                .filter(p -> isLeft ? p.curvature() > 0 : p.curvature() < 0)
                .mapToDouble(Piece::lengthM)
                .sum();
    }

    /**
     * Where one is this far along it.
     *
     * @param alongM in [0, length]
     */
    public Pose at(double alongM) {
        double left = alongM;
        for (Piece p : pieces) {
            if (left <= p.lengthM()) {
                return p.at(Math.max(left, 0));
            }
            left -= p.lengthM();
        }
        Piece last = pieces.get(pieces.size() - 1);
        return last.at(last.lengthM());
    }

    /** As seen in a mirror that stands along the line of this x: the other rein. */
    public Figure mirrored(double mirrorXM) {
        return new Figure(pieces.stream().map(p -> p.mirrored(mirrorXM)).toList());
    }

    /** Ridden the other way. */
    public Figure reversed() {
        List<Piece> back = new ArrayList<>(pieces);
        Collections.reverse(back);
        return new Figure(back.stream().map(Piece::reversed).toList());
    }

    public Figure moved(double acrossM, double upM) {
        return new Figure(pieces.stream().map(p -> p.moved(acrossM, upM)).toList());
    }

    /**
     * This figure, if the arena holds all of it.
     *
     * @throws FigureLeavesArena with the first place where it does not
     */
    Figure within(Arena arena) {
        for (Piece p : pieces) {
            int looks = 1 + (int) Math.ceil(p.lengthM() / LOOK_M);
            DoubleStream.iterate(0, i -> i <= looks, i -> i + 1)
                    .mapToObj(i -> p.at(p.lengthM() * i / looks).at())
                    .filter(place -> !arena.holds(place))
                    .findFirst()
                    .ifPresent(place -> {
                        throw new FigureLeavesArena(place, arena);
                    });
        }
        return this;
    }
}
