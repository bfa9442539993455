package strophos.server.debrief;

import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.cause.MarkedAsk;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.progress.Ask;
import strophos.core.record.Probes;
import strophos.core.record.SoftAfter;
import strophos.core.stair.RungId;
import strophos.server.contract.CanBeNull;
import strophos.server.sql.Lines;
import strophos.server.state.LessonKey;

/** Asks of the last lessons, with what was marked of the rider at them. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class MarkedAskRepository {

    /**
     * Of the lesson that the pair of a lesson began before it: when it began, and its asks under the pair's own rider, by time, strength and
     * answer. A part of a statement. What is counted as an ask without being one, as a choice of the horse, is not among them.
     */
    static final Field<String> ASKS_BEFORE =
            DSL.field("""
            (select concat_ws(';', floor(extract(epoch from b.started_at) * 1000), (
                    select string_agg(concat_ws('|', floor(extract(epoch from x.at) * 1000), x.strength, x.response), ';' order by x.ord)
                    from ridden_exchange x
                    join entry e on e.yard_id = x.yard_id and e.id = x.entry_id and e.kind = 'exchange'
                    where x.lesson_id = b.lesson_id and x.mounted = 'RIDER'))
            from ridden_lesson b
            where b.pair_id = {0} and b.started_at is not null and (b.started_at, b.lesson_id) < ({1}, {2})
            order by b.started_at desc, b.lesson_id desc
            limit 1)
            """, String.class, LESSON.PAIR_ID, RIDDEN_LESSON.STARTED_AT, LESSON.ID);

    private final DSLContext db;

    MarkedAskRepository(DSLContext db) {
        this.db = db;
    }

    /** How long it took to soft answers, by {@link #ASKS_BEFORE}. */
    static Optional<Duration> softAfter(@CanBeNull String asksBefore) {
        List<String[]> lines = Lines.of(asksBefore).toList();
        return lines.isEmpty()
                ? Optional.empty()
                : SoftAfter.of(
                        Long.parseLong(lines.get(0)[0]),
                        lines.subList(1, lines.size()).stream()
                                .map(line -> new SoftAfter.Touch(
                                        Long.parseLong(line[0]), strength(line[1]), Response.valueOf(line[2])))
                                .toList());
    }

    /** Of the last lessons, the earliest first. The database puts a lesson's asks together: far fewer rows than asks. */
    List<AskOfLesson> lastAsks(UUID pair, LessonKey upTo, int lessons) {
        // what was asked and how it was answered is one field: of a thousand asks there are a few dozen
        Field<String> asks = DSL.field(DSL.select(DSL.field(
                        "string_agg(concat_ws('|', {0}, floor(extract(epoch from {1}) * 1000),"
                                + " concat_ws(' ', {2} || '.' || lower({3}) || '.' || lower({4}), {5}, {6}, {7})), ';' order by {8})",
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
        Map<String, AskWord> words = new HashMap<>();
        db.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT, asks, marks)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair))
                .and(RIDDEN_LESSON.STARTED_AT.isNotNull())
                .and(DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID).le(upTo.beganAt(), upTo.lesson()))
                .and(RIDDEN_LESSON.EXCHANGES.gt(0))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(lessons)
                .fetch(r -> ofLesson(r.value1(), r.value2(), r.value3(), r.value4(), words))
                .forEach(ofLesson -> last.addAll(0, ofLesson));
        return last;
    }

    private static List<AskOfLesson> ofLesson(
            UUID lesson, Instant beganAt, @CanBeNull String asks, @CanBeNull String marks, Map<String, AskWord> words) {
        List<MarkedAsk.Mark> marked = Lines.of(marks)
                .map(line -> new MarkedAsk.Mark(line[0], Long.parseLong(line[1])))
                .toList();
        return Lines.of(asks)
                .map(line -> ask(lesson, beganAt, line, words.computeIfAbsent(line[2], AskWord::of), marked))
                .toList();
    }

    /**
     * What was asked, and how it was answered.
     *
     * @param alike the rung and the rein
     */
    private record AskWord(RungId rung, String alike, Strength strength, Response response) {

        static AskWord of(String word) {
            String[] of = word.split(" ");
            return new AskWord(
                    RungId.of(of[0]),
                    of[0] + " " + of[1],
                    MarkedAskRepository.strength(of[2]),
                    Response.valueOf(of[3]));
        }
    }

    private static AskOfLesson ask(
            UUID lesson, Instant beganAt, String[] line, AskWord word, List<MarkedAsk.Mark> marked) {
        long atMs = Long.parseLong(line[1]);
        Ask ask = new Ask(line[0], atMs, Side.NONE, Mounted.RIDER, word.strength(), word.response());
        return new AskOfLesson(
                lesson,
                beganAt,
                new Probes.RungAsk(word.rung(), ask),
                MarkedAsk.at(
                        line[0], lesson.toString(), word.alike(), word.response() == Response.YES, atMs, atMs, marked));
    }

    private static Strength strength(String level) {
        return Strength.ofLevel(Integer.parseInt(level)).orElseThrow();
    }
}
