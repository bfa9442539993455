package strophos.server.lesson;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LOOKED;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.PLAN;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.YARD;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;

/** Lessons, planned and ridden. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class LessonRepository {

    private final DSLContext db;

    LessonRepository(DSLContext db) {
        this.db = db;
    }

    /** A lesson; {@code startedAt} and {@code endedAt} are null until it was. Minutes are planned ones. */
    public record Lesson(
            UUID id,
            UUID pair,
            UUID horseId,
            String rider,
            String horse,
            Instant plannedAt,
            int minutes,
            @CanBeNull Instant startedAt,
            @CanBeNull Instant endedAt,
            int exchanges) {}

    public ZoneId zone() {
        return ZoneId.of(db.select(YARD.TIME_ZONE).from(YARD).fetchSingle().value1());
    }

    /** The viewer's lessons planned in this half-open stretch of time, in order. */
    public List<Lesson> between(Instant from, Instant to) {
        return lessons(LESSON.PLANNED_AT.ge(from).and(LESSON.PLANNED_AT.lt(to)));
    }

    /** This lesson, if the viewer may see its pair. */
    public Optional<Lesson> find(UUID id) {
        return lessons(LESSON.ID.eq(id)).stream().findFirst();
    }

    /** Whether a first look is in its log. */
    public boolean isLooked(UUID lesson) {
        return db.fetchExists(db.selectOne().from(LOOKED).where(LOOKED.LESSON_ID.eq(lesson)));
    }

    /** Whether a plan was kept for it. */
    public boolean isPlanned(UUID lesson) {
        return db.fetchExists(db.selectOne().from(PLAN).where(PLAN.LESSON_ID.eq(lesson)));
    }

    /** The last lessons this pair rode beside this one, the latest last. */
    public List<UUID> riddenBeside(UUID lesson, UUID pair, int most) {
        List<UUID> latestFirst = db.select(LESSON.ID)
                .from(LESSON)
                .join(RIDDEN_LESSON)
                .on(RIDDEN_LESSON.YARD_ID.eq(LESSON.YARD_ID).and(RIDDEN_LESSON.LESSON_ID.eq(LESSON.ID)))
                .where(LESSON.PAIR_ID.eq(pair).and(LESSON.ID.ne(lesson)).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), LESSON.ID)
                .limit(most)
                .fetch(LESSON.ID);
        Collections.reverse(latestFirst);
        return latestFirst;
    }

    public void add(UUID id, UUID pair, Instant plannedAt, int minutes, Instant now) {
        db.insertInto(LESSON)
                .set(LESSON.YARD_ID, YardScope.viewer().yard())
                .set(LESSON.ID, id)
                .set(LESSON.PAIR_ID, pair)
                .set(LESSON.COACH_ID, YardScope.viewer().person())
                .set(LESSON.PLANNED_AT, plannedAt)
                .set(LESSON.PLANNED_MINUTES, minutes)
                .set(LESSON.CREATED_AT, now)
                .execute();
    }

    private List<Lesson> lessons(Condition which) {
        return db.select(
                        LESSON.ID,
                        LESSON.PAIR_ID,
                        PAIR.HORSE_ID,
                        PERSON.NAME,
                        HORSE.NAME,
                        LESSON.PLANNED_AT,
                        LESSON.PLANNED_MINUTES,
                        RIDDEN_LESSON.STARTED_AT,
                        RIDDEN_LESSON.ENDED_AT,
                        RIDDEN_LESSON.EXCHANGES)
                .from(LESSON)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(LESSON.YARD_ID).and(PAIR.ID.eq(LESSON.PAIR_ID)))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .leftJoin(RIDDEN_LESSON)
                .on(RIDDEN_LESSON.YARD_ID.eq(LESSON.YARD_ID).and(RIDDEN_LESSON.LESSON_ID.eq(LESSON.ID)))
                .where(VisiblePairs.to(YardScope.viewer()).and(which))
                .orderBy(LESSON.PLANNED_AT, LESSON.ID)
                .fetch(LessonRepository::lesson);
    }

    private static Lesson lesson(Record r) {
        Integer exchanges = r.get(RIDDEN_LESSON.EXCHANGES);
        return new Lesson(
                r.get(LESSON.ID),
                r.get(LESSON.PAIR_ID),
                r.get(PAIR.HORSE_ID),
                r.get(PERSON.NAME),
                r.get(HORSE.NAME),
                r.get(LESSON.PLANNED_AT),
                r.get(LESSON.PLANNED_MINUTES),
                r.get(RIDDEN_LESSON.STARTED_AT),
                r.get(RIDDEN_LESSON.ENDED_AT),
                exchanges == null ? 0 : exchanges);
    }
}
