package strophos.core.arena;

/** A figure that does not fit, and where it first leaves the arena. */
public final class FigureLeavesArena extends IllegalArgumentException {

    private final transient Point where;

    FigureLeavesArena(Point where, Arena arena) {
        super("The figure leaves the arena of %.0f × %.0f m at %.1f m across and %.1f m up, maybe it is too large here."
                .formatted(arena.widthM(), arena.lengthM(), where.xM(), where.yM()));
        this.where = where;
    }

    public Point where() {
        return where;
    }
}
