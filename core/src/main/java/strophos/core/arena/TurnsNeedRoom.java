package strophos.core.arena;

/** A figure whose turns do not fit between its places, and where. */
public final class TurnsNeedRoom extends IllegalArgumentException {

    private final transient Point where;

    TurnsNeedRoom(Point where, double missingM) {
        super("The turn at %.1f m across and %.1f m up needs %.1f m more room; ride it tighter, or elsewhere."
                .formatted(where.xM(), where.yM(), missingM));
        this.where = where;
    }

    public Point where() {
        return where;
    }
}
