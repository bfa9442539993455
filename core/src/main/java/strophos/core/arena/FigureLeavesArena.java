package strophos.core.arena;

/** A figure that does not fit, and where it first leaves the arena. */
public final class FigureLeavesArena extends IllegalArgumentException {

    private final transient Point where;

    FigureLeavesArena(Point where, Arena arena) {
        super("The figure leaves the arena of %s × %s m at %.1f m across and %.1f m up, maybe it is too large here."
                .formatted(trim(arena.widthM()), trim(arena.lengthM()), where.xM(), where.yM()));
        this.where = where;
    }

    private static String trim(double metres) {
        return java.math.BigDecimal.valueOf(metres).stripTrailingZeros().toPlainString();
    }

    public Point where() {
        return where;
    }
}
