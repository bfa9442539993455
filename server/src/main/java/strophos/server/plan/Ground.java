package strophos.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.arena.Figure;
import strophos.core.exchange.Gait;
import strophos.core.plan.FigureKind;
import strophos.server.contract.CanBeNull;
import strophos.server.ground.ExerciseForHorse;
import strophos.server.ground.ExerciseLine;
import strophos.server.ground.HorseHere;
import strophos.server.ground.PieceView;

/**
 * A figure laid into the arena, as sent; metres, axes as in the core's arena package.
 *
 * @param kind what it is ridden on or set up with
 * @param smallestRadiusM null when all of it is straight
 * @param forHorse null where nothing is known of its strides, or nothing of the ground depends on them
 */
public record Ground(
        FigureKind kind,
        List<PieceView> pieces,
        double lengthM,
        int changesOfBend,
        @CanBeNull Double smallestRadiusM,
        @CanBeNull ExerciseForHorse forHorse) {

    /** The arena to scale, with its letters. */
    public record ArenaView(double widthM, double lengthM, Map<String, Letter> letters) {}

    /** Where a letter stands. */
    public record Letter(double x, double y) {}

    static ArenaView arena() {
        Map<String, Letter> letters = new java.util.TreeMap<>();
        ExerciseLine.ARENA.letters().forEach((name, p) -> letters.put(name, new Letter(p.xM(), p.yM())));
        return new ArenaView(ExerciseLine.ARENA.widthM(), ExerciseLine.ARENA.lengthM(), letters);
    }

    /** The line of a block, and what it is for this horse. */
    static Ground of(FigureKind kind, int circleM, Gait gait, Optional<HorseHere> horse) {
        Optional<Figure> line = ExerciseLine.of(kind, circleM);
        double radius = line.map(Figure::smallestRadiusM).orElse(Double.POSITIVE_INFINITY);
        return new Ground(
                kind,
                line.map(f -> f.pieces().stream().map(PieceView::of).toList()).orElse(List.of()),
                line.map(Figure::lengthM).orElse(0.0),
                line.map(Figure::changesOfBend).orElse(0),
                Double.isInfinite(radius) ? null : radius,
                horse.flatMap(h -> ExerciseForHorse.of(kind, gait, line, h)).orElse(null));
    }
}
