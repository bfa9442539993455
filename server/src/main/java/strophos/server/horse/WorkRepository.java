package strophos.server.horse;

import static strophos.server.db.Tables.ASSIGNMENT;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LESSON_COUNT;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PRACTICE;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.load.Workload;
import strophos.server.db.tables.Pair;

/** What horses did of late, lessons and practice of all their pairs together. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class WorkRepository {

    /** A day more, since days are those of the yard. */
    private static final int DAYS_BACK = Workload.DAYS_BACK + 1;

    private static final double MS_A_MINUTE = 60_000;
    private static final int MS_A_SECOND = 1000;

    /** The pairs of the same horse. */
    private static final Pair BY = PAIR.as("by");

    private final DSLContext db;

    WorkRepository(DSLContext db) {
        this.db = db;
    }

    /** What this horse did up to now. */
    public List<WorkDone> ofHorse(UUID horse, Instant now) {
        return db.select(done(BY.HORSE_ID.eq(horse), DSL.val(now)))
                .fetchSingle()
                .value1();
    }

    /** Of the horse of the lesson that a statement is about: what it did before that lesson began, or before now. */
    public Field<List<WorkDone>> before(Instant now) {
        return done(
                BY.YARD_ID.eq(LESSON.YARD_ID).and(BY.HORSE_ID.eq(PAIR.HORSE_ID)),
                DSL.coalesce(RIDDEN_LESSON.STARTED_AT, DSL.val(now)));
    }

    /** Both ends are worked out before anything is compared with them: only then does an index lead past all the years before. */
    private static Field<List<WorkDone>> done(Condition isOfHorse, Field<Instant> until) {
        var span = DSL.select(
                        DSL.field(
                                        "{0} - {1} * interval '1 day'",
                                        RIDDEN_LESSON.STARTED_AT.getDataType(), until, DSL.inline(DAYS_BACK))
                                .as("first"),
                        until.as("until"))
                .offset(0)
                .asTable("span");
        Field<Instant> first = span.field("first", Instant.class);
        Field<Instant> last = span.field("until", Instant.class);
        var did = RIDDEN_LESSON.as("did");
        var counts = LESSON_COUNT.as("counts");
        Field<String> mostAsked = DSL.field(DSL.select(counts.RUNG)
                .from(counts)
                .where(counts.YARD_ID.eq(did.YARD_ID).and(counts.LESSON_ID.eq(did.LESSON_ID)))
                .groupBy(counts.RUNG)
                .orderBy(DSL.sum(counts.ASKS).desc(), counts.RUNG)
                .limit(1));
        var practised = DSL.select(
                        PRACTICE.COUNTED_AT,
                        PRACTICE.LEFT_S
                                .plus(PRACTICE.RIGHT_S)
                                .cast(SQLDataType.BIGINT)
                                .mul(MS_A_SECOND)
                                .as("ms"),
                        DSL.castNull(SQLDataType.SMALLINT).as("effort"),
                        PRACTICE.RUNG,
                        DSL.inline(true).as("alone"))
                .from(PRACTICE)
                .where(PRACTICE.YARD_ID.eq(ASSIGNMENT.YARD_ID).and(PRACTICE.ASSIGNMENT_ID.eq(ASSIGNMENT.ID)))
                .and(PRACTICE.COUNTED_AT.ge(first).and(PRACTICE.COUNTED_AT.lt(last)))
                .offset(0)
                .asTable("practised");
        return DSL.multiset(DSL.select(
                                did.STARTED_AT,
                                did.LEFT_MS.plus(did.RIGHT_MS),
                                did.EFFORT,
                                mostAsked,
                                DSL.inline(false))
                        .from(span)
                        .join(BY)
                        .on(isOfHorse)
                        .join(did)
                        .on(did.YARD_ID.eq(BY.YARD_ID).and(did.PAIR_ID.eq(BY.ID)))
                        .where(did.STARTED_AT.ge(first).and(did.STARTED_AT.lt(last)))
                        .unionAll(DSL.select(
                                        practised.field(PRACTICE.COUNTED_AT),
                                        practised.field("ms", Long.class),
                                        practised.field("effort", Short.class),
                                        practised.field(PRACTICE.RUNG),
                                        practised.field("alone", Boolean.class))
                                .from(span)
                                .join(BY)
                                .on(isOfHorse)
                                .join(ASSIGNMENT)
                                .on(ASSIGNMENT.YARD_ID.eq(BY.YARD_ID).and(ASSIGNMENT.PAIR_ID.eq(BY.ID)))
                                .crossJoin(DSL.lateral(practised))))
                .convertFrom(rows -> rows.map(r -> new WorkDone(
                        r.value1(),
                        r.value2() / MS_A_MINUTE,
                        r.value3() == null ? OptionalInt.empty() : OptionalInt.of(r.value3()),
                        Optional.ofNullable(r.value4()),
                        r.value5())));
    }
}
