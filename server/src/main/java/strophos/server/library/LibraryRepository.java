package strophos.server.library;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON_COUNT;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.stair.RungId;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;

/** Which pairs were asked on an exercise. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class LibraryRepository {

    private final DSLContext db;

    LibraryRepository(DSLContext db) {
        this.db = db;
    }

    /** The pairs the viewer may see that were asked on one of these rungs, the latest first. */
    List<ExerciseView.PairView> pairsOn(List<RungId> rungs, int most) {
        if (rungs.isEmpty()) {
            return List.of();
        }
        Field<Instant> last = DSL.greatest(
                latest(rungs.get(0)),
                rungs.stream().skip(1).map(LibraryRepository::latest).toArray(Field<?>[]::new));
        var asked = db.select(PAIR.ID, PAIR.YARD_ID, PAIR.HORSE_ID, PAIR.RIDER_ID, last.as("last"))
                .from(PAIR)
                .where(VisiblePairs.to(YardScope.viewer()))
                // a fence: without one each search is made twice, for what is shown and for what is left out
                .offset(0)
                .asTable("asked");
        Field<Instant> at = asked.field("last", Instant.class);
        return db.select(asked.field(PAIR.ID), HORSE.NAME, PERSON.NAME, at)
                .from(asked)
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(asked.field(PAIR.YARD_ID)).and(HORSE.ID.eq(asked.field(PAIR.HORSE_ID))))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(asked.field(PAIR.YARD_ID)).and(PERSON.ID.eq(asked.field(PAIR.RIDER_ID))))
                .where(at.isNotNull())
                .orderBy(at.desc(), asked.field(PAIR.ID))
                .limit(most)
                .fetch(r -> new ExerciseView.PairView(r.value1(), r.value2(), r.value3(), r.value4()));
    }

    /** When a statement's pair was asked on this rung last: the end of an index, however many years lie before it. */
    private static Field<Instant> latest(RungId rung) {
        return DSL.field(DSL.select(LESSON_COUNT.BEGAN_AT)
                .from(LESSON_COUNT)
                .where(LESSON_COUNT
                        .YARD_ID
                        .eq(PAIR.YARD_ID)
                        .and(LESSON_COUNT.PAIR_ID.eq(PAIR.ID))
                        .and(LESSON_COUNT.RUNG.eq(rung.toString()))
                        .and(LESSON_COUNT.ASKS.gt(0)))
                .orderBy(LESSON_COUNT.BEGAN_AT.desc())
                .limit(1));
    }
}
