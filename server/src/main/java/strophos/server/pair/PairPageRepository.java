package strophos.server.pair;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.contract.Cursor;
import strophos.server.roster.PairRepository;
import strophos.server.state.LessonKey;

/** The list of pairs, and the lessons of one. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class PairPageRepository {

    private final DSLContext db;

    PairPageRepository(DSLContext db) {
        this.db = db;
    }

    /** The pairs the viewer may see: whoever was here last comes first, those without a lesson follow by horse. */
    List<PairWithLesson> page(Optional<Cursor> behind, int most) {
        Field<Instant> began = DSL.field(db.select(RIDDEN_LESSON.STARTED_AT)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON
                        .YARD_ID
                        .eq(PAIR.YARD_ID)
                        .and(RIDDEN_LESSON.PAIR_ID.eq(PAIR.ID))
                        .and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc())
                .limit(1));
        var all = db.select(
                        PAIR.ID,
                        PAIR.YARD_ID,
                        HORSE.NAME,
                        DSL.coalesce(began, Instant.EPOCH).as("last"))
                .from(PAIR)
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(VisiblePairs.to(YardScope.viewer()))
                .asTable("all");
        Field<Instant> last = all.field("last", Instant.class);
        Field<String> horse = all.field(HORSE.NAME);
        Field<UUID> id = all.field(PAIR.ID);
        Condition after = behind.map(b -> last.lt(b.at())
                        .or(last.eq(b.at()).and(DSL.row(horse, id).gt(b.text(), b.id()))))
                .orElseGet(DSL::trueCondition);
        // what is shown of a pair is read of those shown alone
        var page = db.selectFrom(all)
                .where(after)
                .orderBy(last.desc(), horse, id)
                .limit(most)
                .asTable("page");
        return db.select(PairRepository.NAMED)
                .select(page.field(last))
                .from(page)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(page.field(PAIR.YARD_ID)).and(PAIR.ID.eq(page.field(PAIR.ID))))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .orderBy(page.field(last).desc(), HORSE.NAME, PAIR.ID)
                .fetch(r -> new PairWithLesson(
                        PairRepository.pair(r),
                        r.get(page.field(last)).equals(Instant.EPOCH) ? null : r.get(page.field(last))));
    }

    /** Lessons of a pair that were begun, the latest first: those before this one, or the last of all. */
    List<LessonItem> lessons(UUID pair, Optional<LessonKey> before, int most) {
        return db.select(
                        RIDDEN_LESSON.LESSON_ID,
                        RIDDEN_LESSON.STARTED_AT,
                        RIDDEN_LESSON.ENDED_AT,
                        RIDDEN_LESSON.EXCHANGES,
                        RIDDEN_LESSON.LEFT_MS,
                        RIDDEN_LESSON.RIGHT_MS)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .and(before.map(k -> (Condition) DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID)
                                .lt(k.beganAt(), k.lesson()))
                        .orElseGet(DSL::trueCondition))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(most)
                .fetch(r -> new LessonItem(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6()));
    }
}
