package strophos.core.arena;

import strophos.core.exchange.Rein;

/**
 * A figure as it is asked for. What its form does not ask for is not looked at.
 *
 * @param at a letter
 * @param sizeM metres across, or how far in
 * @param toM metres across at the narrowest
 * @param count loops, turns or legs
 * @param cornerM radius of corners and turns
 */
public record FigureWish(FigureForm form, Rein rein, String at, double sizeM, double toM, int count, double cornerM) {

    /** As it is mostly ridden. */
    public static FigureWish usual(FigureForm form, Rein rein) {
        return new FigureWish(
                form,
                rein,
                form.usualAt(),
                form.size().usual(),
                FigureForm.TO.usual(),
                (int) form.count().usual(),
                FigureForm.CORNER.usual());
    }

    public FigureWish {
        check(form, FigureField.SIZE, form.size(), sizeM, "m");
        check(form, FigureField.TO, FigureForm.TO, toM, "m");
        check(form, FigureField.COUNT, form.count(), count, "");
        check(form, FigureField.CORNER, FigureForm.CORNER, cornerM, "m");
    }

    private static void check(FigureForm form, FigureField field, FigureForm.Bounds bounds, double asked, String unit) {
        if (form.fields().contains(field) && !bounds.hold(asked)) {
            throw new IllegalArgumentException("%s of a %s is %s to %s %s, not %s."
                    .formatted(field, form, bounds.least(), bounds.most(), unit, asked));
        }
    }

    /**
     * Laid into an arena.
     *
     * @throws FigureLeavesArena with the place where it does not fit
     * @throws TurnsNeedRoom with the turn that has no room
     * @throws IllegalArgumentException where this arena has nothing to ride it by
     */
    public Figure laid(Arena arena) {
        return switch (form) {
            case TRACK -> onRein(Figures.track(arena, cornerM), arena);
            case CIRCLE, VOLTE -> Figures.circle(arena, at, sizeM, rein);
            case HALF_CIRCLE_BACK, HALF_VOLTE -> Figures.halfCircleBack(arena, at, sizeM, rein);
            case DIAGONAL -> Figures.diagonal(arena, true, cornerM, rein);
            case SHORT_DIAGONAL -> Figures.diagonal(arena, false, cornerM, rein);
            case CHANGE_IN_CIRCLE -> Figures.changeInCircle(arena, at, sizeM, rein);
            case LOOP -> Figures.loop(arena, sizeM, rein);
            case SERPENTINE -> Figures.serpentine(arena, count, rein);
            case FIGURE_EIGHT -> Figures.figureEight(arena, at, sizeM, rein);
            case SPIRAL -> Figures.spiral(arena, at, sizeM, toM, count, rein);
            case CENTRE_LINE -> Figures.upTheArena(arena, 0.5, cornerM, rein);
            case QUARTER_LINE -> Figures.upTheArena(arena, 0.75, cornerM, rein);
            case ZIGZAG -> Figures.zigzag(arena, count, sizeM, rein);
            case TWO_CONES -> Figures.twoCones(arena, at, rein);
            case HAUNCHES_TURN -> Figures.haunchesTurn(arena, at, rein);
        };
    }

    private Figure onRein(Figure left, Arena arena) {
        return rein == Rein.RIGHT ? left.mirrored(arena.widthM() / 2) : left;
    }
}
