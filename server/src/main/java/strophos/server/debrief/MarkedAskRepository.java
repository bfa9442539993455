package strophos.server.debrief;

import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.cause.MarkedAsk;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.progress.Ask;
import strophos.core.record.Probes;
import strophos.core.stair.RungId;
import strophos.server.state.LessonKey;

/** Asks of the last lessons, with what was marked of the rider at them. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class MarkedAskRepository {

    private final DSLContext db;

    MarkedAskRepository(DSLContext db) {
        this.db = db;
    }

    /** Of the last lessons, the earliest first. */
    List<AskOfLesson> lastAsks(UUID pair, LessonKey upTo, int lessons) {
        var last = DSL.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair))
                .and(RIDDEN_LESSON.STARTED_AT.isNotNull())
                .and(DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID).le(upTo.beganAt(), upTo.lesson()))
                .and(RIDDEN_LESSON.EXCHANGES.gt(0))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(lessons)
                .asTable("last");
        Field<UUID> lesson = last.field(RIDDEN_LESSON.LESSON_ID);
        Map<UUID, List<MarkedAsk.Mark>> factors = db.select(lesson, RIDDEN_FACTOR.FACTOR, RIDDEN_FACTOR.AT)
                .from(last)
                .join(RIDDEN_FACTOR)
                .on(RIDDEN_FACTOR.LESSON_ID.eq(lesson))
                .orderBy(lesson, RIDDEN_FACTOR.ORD)
                .fetchGroups(
                        r -> r.value1(),
                        r -> new MarkedAsk.Mark(r.value2(), r.value3().toEpochMilli()));
        return db.select(
                        RIDDEN_EXCHANGE.LESSON_ID,
                        RIDDEN_EXCHANGE.ENTRY_ID,
                        RIDDEN_EXCHANGE.AT,
                        RIDDEN_EXCHANGE.EXERCISE,
                        RIDDEN_EXCHANGE.GAIT,
                        RIDDEN_EXCHANGE.PLACE,
                        RIDDEN_EXCHANGE.REIN,
                        RIDDEN_EXCHANGE.STRENGTH,
                        RIDDEN_EXCHANGE.RESPONSE,
                        last.field(RIDDEN_LESSON.STARTED_AT))
                .from(last)
                .join(RIDDEN_EXCHANGE)
                .on(RIDDEN_EXCHANGE.LESSON_ID.eq(lesson))
                // a tally has no moment of its own
                .where(RIDDEN_EXCHANGE.MOUNTED.eq(Mounted.RIDER.name()).and(RIDDEN_EXCHANGE.GOOD.isNull()))
                .orderBy(last.field(RIDDEN_LESSON.STARTED_AT), lesson, RIDDEN_EXCHANGE.ORD)
                .fetch(r -> new AskOfLesson(
                        r.get(RIDDEN_EXCHANGE.LESSON_ID),
                        r.get(last.field(RIDDEN_LESSON.STARTED_AT)),
                        new Probes.RungAsk(rung(r), ask(r)),
                        marked(r, factors)));
    }

    private static RungId rung(Record r) {
        return new RungId(
                r.get(RIDDEN_EXCHANGE.EXERCISE),
                Gait.of(r.get(RIDDEN_EXCHANGE.GAIT)),
                Place.of(r.get(RIDDEN_EXCHANGE.PLACE)));
    }

    private static Ask ask(Record r) {
        return new Ask(
                r.get(RIDDEN_EXCHANGE.ENTRY_ID).toString(),
                r.get(RIDDEN_EXCHANGE.AT).toEpochMilli(),
                Side.NONE,
                Mounted.RIDER,
                Strength.ofLevel(r.get(RIDDEN_EXCHANGE.STRENGTH)).orElseThrow(),
                Response.valueOf(r.get(RIDDEN_EXCHANGE.RESPONSE)));
    }

    private static MarkedAsk marked(Record r, Map<UUID, List<MarkedAsk.Mark>> factors) {
        long atMs = r.get(RIDDEN_EXCHANGE.AT).toEpochMilli();
        UUID lesson = r.get(RIDDEN_EXCHANGE.LESSON_ID);
        return MarkedAsk.at(
                r.get(RIDDEN_EXCHANGE.ENTRY_ID).toString(),
                lesson.toString(),
                rung(r) + " " + r.get(RIDDEN_EXCHANGE.REIN),
                r.get(RIDDEN_EXCHANGE.RESPONSE).equals(Response.YES.name()),
                atMs,
                atMs,
                factors.getOrDefault(lesson, List.of()));
    }
}
