package strophos.server.lesson;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LOOKED;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.PLAN;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.ResultQuery;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardSettings;
import strophos.server.sql.Binds;

/** Lessons, planned and ridden. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class LessonRepository {

    /** Held on videos that the rider sent; to be read with a lesson. */
    public static final Field<Boolean> ON_VIDEO = LESSON.IS_ON_VIDEO;

    private final DSLContext db;
    private final YardSettings settings;

    LessonRepository(DSLContext db, YardSettings settings) {
        this.db = db;
        this.settings = settings;
    }

    public ZoneId zone() {
        return settings.zone();
    }

    /** The viewer's lessons planned in this half-open stretch of time, in order. */
    public List<Lesson> between(Instant from, Instant to) {
        return lessons(LESSON.PLANNED_AT.ge(from).and(LESSON.PLANNED_AT.lt(to)));
    }

    /** This lesson, if the viewer may see its pair. */
    public Optional<Lesson> find(UUID id) {
        return lessons(LESSON.ID.eq(id)).stream().findFirst();
    }

    /** The same, with further fields that follow from it. */
    public Optional<LessonWith> find(UUID id, Collection<? extends Field<?>> also) {
        return select(LESSON.ID.eq(id), also).fetchOptional(r -> new LessonWith(lesson(r), r));
    }

    /** These lessons, as far as the viewer may see their pairs. */
    public List<Lesson> all(Collection<UUID> ids) {
        return lessons(Binds.isAnyOf(LESSON.ID, ids));
    }

    /** Of each of these lessons. */
    public Map<UUID, Preparation> threads(Collection<UUID> lessons) {
        return db.select(
                        LESSON.ID,
                        LESSON.IS_ON_VIDEO,
                        DSL.field(DSL.exists(DSL.selectOne()
                                .from(LOOKED)
                                .where(LOOKED.YARD_ID.eq(LESSON.YARD_ID).and(LOOKED.LESSON_ID.eq(LESSON.ID))))),
                        DSL.field(DSL.exists(DSL.selectOne()
                                .from(PLAN)
                                .where(PLAN.YARD_ID.eq(LESSON.YARD_ID).and(PLAN.LESSON_ID.eq(LESSON.ID))))))
                .from(LESSON)
                .where(Binds.isAnyOf(LESSON.ID, lessons))
                .fetchMap(r -> r.value1(), r -> new Preparation(r.value2(), r.value3(), r.value4()));
    }

    /** One that is met for. */
    public void add(UUID id, UUID pair, Instant plannedAt, int minutes, Instant now) {
        add(id, pair, plannedAt, minutes, false, now);
    }

    /** @param isOnVideo held on videos that the rider sent */
    public void add(UUID id, UUID pair, Instant plannedAt, int minutes, boolean isOnVideo, Instant now) {
        db.insertInto(LESSON)
                .set(LESSON.YARD_ID, YardScope.viewer().yard())
                .set(LESSON.ID, id)
                .set(LESSON.PAIR_ID, pair)
                .set(LESSON.COACH_ID, YardScope.viewer().person())
                .set(LESSON.PLANNED_AT, plannedAt)
                .set(LESSON.PLANNED_MINUTES, minutes)
                .set(LESSON.IS_ON_VIDEO, isOnVideo)
                .set(LESSON.CREATED_AT, now)
                .execute();
    }

    /** The school this lesson borrows from now on; null for none. */
    public void borrow(UUID lesson, School school) {
        db.update(LESSON)
                .set(LESSON.BORROWED_SCHOOL, school == null ? null : school.name())
                .where(LESSON.ID.eq(lesson))
                .execute();
    }

    private List<Lesson> lessons(Condition which) {
        return select(which, List.of()).fetch(LessonRepository::lesson);
    }

    private ResultQuery<Record> select(Condition which, Collection<? extends Field<?>> also) {
        return db.select(also)
                .select(
                        LESSON.ID,
                        LESSON.PAIR_ID,
                        PAIR.HORSE_ID,
                        LESSON.BORROWED_SCHOOL,
                        PERSON.NAME,
                        HORSE.NAME,
                        LESSON.PLANNED_AT,
                        LESSON.PLANNED_MINUTES,
                        RIDDEN_LESSON.STARTED_AT,
                        RIDDEN_LESSON.ENDED_AT,
                        RIDDEN_LESSON.EXCHANGES)
                .select(PairRepository.TEACHING)
                .select(GroupRepository.group())
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
                .orderBy(LESSON.PLANNED_AT, LESSON.ID);
    }

    private static Lesson lesson(Record r) {
        Integer exchanges = r.get(RIDDEN_LESSON.EXCHANGES);
        Teaching own = PairRepository.teaching(r);
        School borrowed = r.get(LESSON.BORROWED_SCHOOL) == null ? null : School.valueOf(r.get(LESSON.BORROWED_SCHOOL));
        return new Lesson(
                r.get(LESSON.ID),
                r.get(LESSON.PAIR_ID),
                r.get(PAIR.HORSE_ID),
                borrowed == null ? own : own.in(borrowed),
                borrowed,
                r.get(PERSON.NAME),
                r.get(HORSE.NAME),
                r.get(LESSON.PLANNED_AT),
                r.get(LESSON.PLANNED_MINUTES),
                r.get(RIDDEN_LESSON.STARTED_AT),
                r.get(RIDDEN_LESSON.ENDED_AT),
                exchanges == null ? 0 : exchanges,
                GroupRepository.group(r));
    }
}
