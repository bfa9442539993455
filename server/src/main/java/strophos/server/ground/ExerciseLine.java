package strophos.server.ground;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.FigureForm;
import strophos.core.arena.FigureWish;
import strophos.core.arena.Figures;
import strophos.core.exchange.Rein;
import strophos.core.plan.FigureKind;

/** The line that an exercise is ridden on, as it is mostly ridden, on the left rein in an arena of 20 × 40 m. */
public final class ExerciseLine {

    /** Where it is drawn while nothing else is said. */
    public static final Arena ARENA = Arena.SMALL;

    /** A line by what it follows from. */
    private record Drawn(FigureKind kind, int circleM) {}

    /** Those that were asked for: they are few, and laying one takes longer than all else that homework says of the ground. */
    private static final Map<Drawn, Optional<Figure>> KNOWN = new ConcurrentHashMap<>();

    private ExerciseLine() {}

    /**
     * A circle lies at A. Poles and fences are drawn by the line that leads to them.
     *
     * @return empty where there is none to draw: the arena alone
     */
    public static Optional<Figure> of(FigureKind kind, int circleM) {
        return KNOWN.computeIfAbsent(new Drawn(kind, circleM), d -> drawn(d.kind(), d.circleM()));
    }

    private static Optional<Figure> drawn(FigureKind kind, int circleM) {
        return switch (kind) {
            case TRACK, FENCE_LINE, POLE_LINE -> usual(FigureForm.TRACK);
            case CIRCLE, POLE_FAN -> Optional.of(Figures.circle(ARENA, "A", circleM, Rein.LEFT));
            case SPIRAL -> usual(FigureForm.SPIRAL);
            case SERPENTINE -> usual(FigureForm.SERPENTINE);
            case FIGURE_EIGHT -> Optional.of(Figures.figureEight(ARENA, "X", circleM, Rein.LEFT));
            case CHANGE_IN_CIRCLE -> usual(FigureForm.CHANGE_IN_CIRCLE);
            case TWO_CONES -> usual(FigureForm.TWO_CONES);
            case LOOP -> usual(FigureForm.LOOP);
            case DIAGONAL -> usual(FigureForm.DIAGONAL);
            case LEG_YIELD -> usual(FigureForm.ZIGZAG);
            case HALF_PASS, COURSE, HILL, TRAIL, TRAILER, NONE -> Optional.empty();
        };
    }

    private static Optional<Figure> usual(FigureForm form) {
        return Optional.of(FigureWish.usual(form, Rein.LEFT).laid(ARENA));
    }
}
