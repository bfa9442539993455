package strophos.server.debrief;

import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
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
import strophos.server.contract.CanBeNull;
import strophos.server.sql.Lines;
import strophos.server.state.LessonKey;

/** Asks of the last lessons, with what was marked of the rider at them. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class MarkedAskRepository {

    private final DSLContext db;

    MarkedAskRepository(DSLContext db) {
        this.db = db;
    }

    /** Of the last lessons, the earliest first. The database puts a lesson's asks together: far fewer rows than asks. */
    List<AskOfLesson> lastAsks(UUID pair, LessonKey upTo, int lessons) {
        Field<String> asks = DSL.field(DSL.select(DSL.field(
                        "string_agg(concat_ws('|', {0}, floor(extract(epoch from {1}) * 1000), {2}, {3}, {4}, {5}, {6}, {7}), ';' order by {8})",
                        String.class,
                        RIDDEN_EXCHANGE.ENTRY_ID,
                        RIDDEN_EXCHANGE.AT,
                        RIDDEN_EXCHANGE.EXERCISE,
                        RIDDEN_EXCHANGE.GAIT,
                        RIDDEN_EXCHANGE.PLACE,
                        RIDDEN_EXCHANGE.REIN,
                        RIDDEN_EXCHANGE.STRENGTH,
                        RIDDEN_EXCHANGE.RESPONSE,
                        RIDDEN_EXCHANGE.ORD))
                .from(RIDDEN_EXCHANGE)
                .where(RIDDEN_EXCHANGE.LESSON_ID.eq(RIDDEN_LESSON.LESSON_ID))
                .and(RIDDEN_EXCHANGE.MOUNTED.eq(Mounted.RIDER.name()))
                // a tally has no moment of its own
                .and(RIDDEN_EXCHANGE.GOOD.isNull()));
        Field<String> marks = DSL.field(DSL.select(DSL.field(
                        "string_agg(concat_ws('|', {0}, floor(extract(epoch from {1}) * 1000)), ';' order by {2})",
                        String.class, RIDDEN_FACTOR.FACTOR, RIDDEN_FACTOR.AT, RIDDEN_FACTOR.ORD))
                .from(RIDDEN_FACTOR)
                .where(RIDDEN_FACTOR.LESSON_ID.eq(RIDDEN_LESSON.LESSON_ID)));
        List<AskOfLesson> last = new ArrayList<>();
        db.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT, asks, marks)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair))
                .and(RIDDEN_LESSON.STARTED_AT.isNotNull())
                .and(DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID).le(upTo.beganAt(), upTo.lesson()))
                .and(RIDDEN_LESSON.EXCHANGES.gt(0))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(lessons)
                .fetch(r -> ofLesson(r.value1(), r.value2(), r.value3(), r.value4()))
                .forEach(ofLesson -> last.addAll(0, ofLesson));
        return last;
    }

    private static List<AskOfLesson> ofLesson(
            UUID lesson, Instant beganAt, @CanBeNull String asks, @CanBeNull String marks) {
        List<MarkedAsk.Mark> marked = Lines.of(marks)
                .map(line -> new MarkedAsk.Mark(line[0], Long.parseLong(line[1])))
                .toList();
        return Lines.of(asks).map(line -> ask(lesson, beganAt, line, marked)).toList();
    }

    private static AskOfLesson ask(UUID lesson, Instant beganAt, String[] line, List<MarkedAsk.Mark> marked) {
        long atMs = Long.parseLong(line[1]);
        RungId rung = new RungId(line[2], Gait.of(line[3]), Place.of(line[4]));
        Response response = Response.valueOf(line[7]);
        Strength strength = Strength.ofLevel(Integer.parseInt(line[6])).orElseThrow();
        return new AskOfLesson(
                lesson,
                beganAt,
                new Probes.RungAsk(rung, new Ask(line[0], atMs, Side.NONE, Mounted.RIDER, strength, response)),
                MarkedAsk.at(
                        line[0],
                        lesson.toString(),
                        rung + " " + line[5],
                        response == Response.YES,
                        atMs,
                        atMs,
                        marked));
    }
}
