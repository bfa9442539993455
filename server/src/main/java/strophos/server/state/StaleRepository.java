package strophos.server.state;

import static strophos.server.db.Tables.ENTRY;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.STALE_LESSON;
import static strophos.server.db.Tables.STALE_PAIR;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.db.Tables;
import strophos.server.sql.Binds;

/** What is to be made anew: lessons to be folded, pairs to be judged. Whoever takes some takes them from all others. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class StaleRepository {

    private final DSLContext db;

    StaleRepository(DSLContext db) {
        this.db = db;
    }

    /** Yards in which there is any, each in the name of its coach. */
    public List<Viewer> yards() {
        return db.selectFrom(Tables.YARDS_TO_RENEW()).fetch(r -> new Viewer(r.getYardId(), r.getCoachId(), Role.COACH));
    }

    /** All yards. */
    public List<Viewer> allYards() {
        return db.selectFrom(Tables.ALL_YARDS()).fetch(r -> new Viewer(r.getYardId(), r.getCoachId(), Role.COACH));
    }

    /** Whether there is any in the yard. */
    public boolean isAny() {
        return db.fetchExists(STALE_LESSON) || db.fetchExists(STALE_PAIR);
    }

    /** How many lessons and pairs of the yard. */
    public int count() {
        return db.fetchCount(STALE_LESSON) + db.fetchCount(STALE_PAIR);
    }

    public void markLesson(UUID lesson) {
        db.insertInto(STALE_LESSON)
                .values(YardScope.viewer().yard(), lesson)
                .onConflictDoNothing()
                .execute();
    }

    public void markLessons(Collection<UUID> lessons) {
        db.insertInto(STALE_LESSON)
                .select(DSL.select(LESSON.YARD_ID, LESSON.ID).from(LESSON).where(Binds.isAnyOf(LESSON.ID, lessons)))
                .onConflictDoNothing()
                .execute();
    }

    public void markPair(UUID pair) {
        db.insertInto(STALE_PAIR)
                .values(YardScope.viewer().yard(), pair)
                .onConflictDoNothing()
                .execute();
    }

    /** Every pair of the yard that rode. */
    public void markPairs() {
        db.insertInto(STALE_PAIR)
                .select(DSL.selectDistinct(RIDDEN_LESSON.YARD_ID, RIDDEN_LESSON.PAIR_ID)
                        .from(RIDDEN_LESSON))
                .onConflictDoNothing()
                .execute();
    }

    /** Every lesson of the yard that has entries, and every pair. */
    public void markAll() {
        db.insertInto(STALE_LESSON)
                .select(DSL.select(LESSON.YARD_ID, LESSON.ID)
                        .from(LESSON)
                        .where(DSL.exists(DSL.selectOne()
                                .from(ENTRY)
                                .where(ENTRY.YARD_ID.eq(LESSON.YARD_ID).and(ENTRY.LESSON_ID.eq(LESSON.ID))))))
                .onConflictDoNothing()
                .execute();
        db.insertInto(STALE_PAIR)
                .select(DSL.select(PAIR.YARD_ID, PAIR.ID).from(PAIR))
                .onConflictDoNothing()
                .execute();
    }

    /** Takes so many lessons for this transaction, but for these; they come back if it fails. */
    public List<UUID> takeLessons(int most, Collection<UUID> butFor) {
        return take(STALE_LESSON, STALE_LESSON.LESSON_ID, most, butFor);
    }

    /** Takes so many pairs for this transaction, but for these, once no lesson of the yard is left; they come back if it fails. */
    public List<UUID> takePairs(int most, Collection<UUID> butFor) {
        return take(STALE_PAIR, STALE_PAIR.PAIR_ID, most, butFor);
    }

    private <R extends Record> List<UUID> take(Table<R> stale, Field<UUID> id, int most, Collection<UUID> butFor) {
        // materialised: a plan that asks again for each row would find, and remove, more than were to be taken
        var these = DSL.name("these")
                .fields("id")
                .asMaterialized(DSL.select(id)
                        .from(stale)
                        .where(id.ne(DSL.all(butFor.toArray(UUID[]::new))))
                        .orderBy(id)
                        .limit(most)
                        .forUpdate()
                        .skipLocked());
        return db
                .with(these)
                .delete(stale)
                .where(id.in(DSL.select(these.field("id", UUID.class)).from(these)))
                .returning(id)
                .fetch(id)
                .stream()
                .sorted(java.util.Comparator.comparing(UUID::toString))
                .toList();
    }

    /** What is made anew is not waited for on the disk: lost, it is made once more. */
    public void inNoHurry() {
        db.execute("set local synchronous_commit = off");
    }
}
