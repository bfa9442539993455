package strophos.server.plan;

import java.util.List;
import java.util.Map;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.FigureForm;
import strophos.core.arena.FigureWish;
import strophos.core.arena.Figures;
import strophos.core.exchange.Rein;
import strophos.core.plan.FigureKind;
import strophos.server.contract.CanBeNull;
import strophos.server.ground.PieceView;

/**
 * A figure laid into the arena, as sent; metres, axes as in the core's arena package.
 *
 * @param kind what it is ridden on or set up with
 * @param smallestRadiusM null when all of it is straight
 */
public record Ground(
        FigureKind kind,
        List<PieceView> pieces,
        double lengthM,
        int changesOfBend,
        @CanBeNull Double smallestRadiusM) {

    /** The arena to scale, with its letters. */
    public record ArenaView(double widthM, double lengthM, Map<String, Letter> letters) {}

    /** Where a letter stands. */
    public record Letter(double x, double y) {}

    static final Arena ARENA = Arena.SMALL;

    static ArenaView arena() {
        Map<String, Letter> letters = new java.util.TreeMap<>();
        ARENA.letters().forEach((name, p) -> letters.put(name, new Letter(p.xM(), p.yM())));
        return new ArenaView(ARENA.widthM(), ARENA.lengthM(), letters);
    }

    /** The line of a block, on the left rein; a circle lies at A. Poles and fences are drawn by the line that leads to them. */
    static Ground of(FigureKind line, int circleM) {
        return switch (line) {
            case TRACK, FENCE_LINE, POLE_LINE -> usual(line, FigureForm.TRACK);
            case CIRCLE, POLE_FAN -> of(line, Figures.circle(ARENA, "A", circleM, Rein.LEFT));
            case SPIRAL -> usual(line, FigureForm.SPIRAL);
            case SERPENTINE -> usual(line, FigureForm.SERPENTINE);
            case FIGURE_EIGHT -> of(line, Figures.figureEight(ARENA, "X", circleM, Rein.LEFT));
            case CHANGE_IN_CIRCLE -> usual(line, FigureForm.CHANGE_IN_CIRCLE);
            case TWO_CONES -> usual(line, FigureForm.TWO_CONES);
            case LOOP -> usual(line, FigureForm.LOOP);
            case DIAGONAL -> usual(line, FigureForm.DIAGONAL);
            case LEG_YIELD -> usual(line, FigureForm.ZIGZAG);
            // no line to draw: the arena alone
            case HALF_PASS, COURSE, HILL, TRAIL, TRAILER, NONE -> new Ground(line, List.of(), 0, 0, null);
        };
    }

    private static Ground usual(FigureKind line, FigureForm form) {
        return of(line, FigureWish.usual(form, Rein.LEFT).laid(ARENA));
    }

    private static Ground of(FigureKind line, Figure figure) {
        double radius = figure.smallestRadiusM();
        return new Ground(
                line,
                figure.pieces().stream().map(PieceView::of).toList(),
                figure.lengthM(),
                figure.changesOfBend(),
                Double.isInfinite(radius) ? null : radius);
    }
}
