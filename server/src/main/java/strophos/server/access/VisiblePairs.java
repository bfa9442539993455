package strophos.server.access;

import static strophos.server.db.Tables.GUARDIANSHIP;
import static strophos.server.db.Tables.PAIR;

import org.jooq.Condition;
import org.jooq.impl.DSL;

/** The one predicate of what a person sees inside the yard: which pairs. All else hangs on a pair. */
public final class VisiblePairs {

    private VisiblePairs() {}

    /** For use in queries on {@code pair}. */
    public static Condition to(Viewer viewer) {
        return switch (viewer.role()) {
            case COACH, ASSISTANT -> DSL.trueCondition();
            case RIDER -> PAIR.RIDER_ID.eq(viewer.person());
            case GUARDIAN ->
                PAIR.RIDER_ID.in(DSL.select(GUARDIANSHIP.WARD_ID)
                        .from(GUARDIANSHIP)
                        .where(GUARDIANSHIP.GUARDIAN_ID.eq(viewer.person())));
        };
    }
}
