package strophos.server.pause;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.HORSE_HEARD;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PAUSE_ANSWER;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.REPORTED_STOP_SIGN;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.STOP_SIGN;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.QueryPart;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;
import strophos.core.pause.SignKind;
import strophos.core.pause.StopSign;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.sql.Binds;

/** Stop signs as the three records tell them, and the answers to them. Which horses are visible is asked before. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class PauseRepository {

    private static final List<String> BEHAVIOUR = Arrays.stream(StopSign.values())
            .filter(sign -> sign.kind() == SignKind.BEHAVIOUR)
            .map(StopSign::name)
            .toList();

    /** Signs after which a horse may stay paused until it is cleared. */
    private static final String[] PAUSING = Arrays.stream(StopSign.values())
            .filter(sign -> sign.kind() == SignKind.PAIN || sign.kind() == SignKind.BEHAVIOUR)
            .map(StopSign::name)
            .toArray(String[]::new);

    private static final String[] ALL =
            Arrays.stream(StopSign.values()).map(StopSign::name).toArray(String[]::new);

    private final DSLContext db;

    PauseRepository(DSLContext db) {
        this.db = db;
    }

    /**
     * Of each of these horses, what came to be known up to this time, since it was cleared last before its own moment: a clearance ends
     * what was known until then.
     *
     * @param since by horse
     */
    Map<UUID, HorseCase> known(Map<UUID, Instant> since, Instant upTo) {
        if (since.isEmpty()) {
            return Map.of();
        }
        String[] horses = since.keySet().stream().map(UUID::toString).toArray(String[]::new);
        String[] moments = since.values().stream().map(Instant::toString).toArray(String[]::new);
        Table<Record> cleared = DSL.table("""
                (select w.horse_id, coalesce((
                    select max(c.answered_at) from pause_answer c
                    where c.horse_id = w.horse_id and c.kind = 'CLEARED' and c.answered_at <= w.since), '-infinity') as at
                from unnest({0}::uuid[], {1}::timestamptz[]) as w (horse_id, since)) as cleared
                """, DSL.val(horses), DSL.val(moments));
        Field<UUID> horse = DSL.field(DSL.name("cleared", "horse_id"), UUID.class);
        Field<Instant> at = DSL.field(DSL.name("cleared", "at"), SQLDataType.INSTANT);
        // which of the horse's lessons it was: asked only where it is counted
        Field<Integer> lesson = DSL.when(
                        STOP_SIGN.SIGN.in(BEHAVIOUR),
                        DSL.field(DSL.selectCount()
                                .from(RIDDEN_LESSON)
                                .join(PAIR)
                                .on(PAIR.YARD_ID.eq(RIDDEN_LESSON.YARD_ID).and(PAIR.ID.eq(RIDDEN_LESSON.PAIR_ID)))
                                .where(PAIR.HORSE_ID
                                        .eq(STOP_SIGN.HORSE_ID)
                                        .and(RIDDEN_LESSON.STARTED_AT.le(STOP_SIGN.AT)))))
                .otherwise(0);
        Field<List<SignSighting>> seen = DSL.multiset(DSL.select(STOP_SIGN.fields())
                        .select(PERSON.NAME, lesson.as("lesson"))
                        .from(STOP_SIGN)
                        .join(PERSON)
                        .on(PERSON.YARD_ID.eq(STOP_SIGN.YARD_ID).and(PERSON.ID.eq(STOP_SIGN.AUTHOR_ID)))
                        .where(STOP_SIGN.HORSE_ID.eq(horse))
                        .and(STOP_SIGN.RECEIVED_AT.ge(at).and(STOP_SIGN.RECEIVED_AT.le(upTo)))
                        .orderBy(STOP_SIGN.RECEIVED_AT, STOP_SIGN.AT, STOP_SIGN.ID))
                .convertFrom(signs -> signs.map(PauseRepository::seen));
        Field<List<PauseAnswer>> answered = DSL.multiset(DSL.select(PAUSE_ANSWER.fields())
                        .select(PERSON.NAME)
                        .from(PAUSE_ANSWER)
                        .join(PERSON)
                        .on(PERSON.YARD_ID.eq(PAUSE_ANSWER.YARD_ID).and(PERSON.ID.eq(PAUSE_ANSWER.ANSWERED_BY)))
                        .where(PAUSE_ANSWER.HORSE_ID.eq(horse))
                        .and(PAUSE_ANSWER.ANSWERED_AT.ge(at).and(PAUSE_ANSWER.ANSWERED_AT.le(upTo)))
                        .orderBy(PAUSE_ANSWER.ANSWERED_AT, PAUSE_ANSWER.ID))
                .convertFrom(answers -> answers.map(PauseRepository::answered));
        return db.select(horse, seen, answered)
                .from(cleared)
                .fetchMap(r -> r.value1(), r -> new HorseCase(r.value2(), r.value3()));
    }

    /**
     * Those of these horses that may be paused, limited or unwell of late, or of which anything was heard since a moment of their own: all
     * others are free now, and were at that moment. Which those are, {@link #known} tells.
     *
     * @param since by horse
     * @param lately signs that came in since then are asked about
     */
    Set<UUID> heardOf(Map<UUID, Instant> since, Instant lately) {
        String[] horses = since.keySet().stream().map(UUID::toString).toArray(String[]::new);
        String[] moments = since.values().stream().map(Instant::toString).toArray(String[]::new);
        Field<String[]> these = DSL.val(horses);
        return db.resultQuery(
                        """
                        select w.horse_id
                        from unnest({0}::uuid[], {1}::timestamptz[]) as w (horse_id, since)
                        join {2} h on h.horse_id = w.horse_id
                        where h.pausing >= h.cleared or h.limited >= h.cleared or h.cleared >= w.since
                            or h.seen >= least(w.since, {3}::timestamptz)
                        """,
                        these,
                        DSL.val(moments),
                        heard(Binds.isAnyOf(HORSE_HEARD.HORSE_ID, since.keySet())),
                        DSL.val(lately.toString()))
                .fetchSet(r -> r.get(0, UUID.class));
    }

    /** The same now, of all horses whose pairs the viewer may see. */
    Set<UUID> heardOfVisible(Instant lately) {
        Condition isVisible = DSL.field("horse_id", UUID.class)
                .in(DSL.select(PAIR.HORSE_ID).from(PAIR).where(VisiblePairs.to(YardScope.viewer())));
        return db.resultQuery("""
                        select h.horse_id
                        from {0} h
                        where h.pausing >= h.cleared or h.limited >= h.cleared or h.seen >= {1}::timestamptz
                        """, heard(isVisible), DSL.val(lately.toString())).fetchSet(r -> r.get(0, UUID.class));
    }

    /** Of each of these horses, when it was cleared last, and what was heard of it. */
    private static QueryPart heard(Condition which) {
        return DSL.sql("""
                (select horse_id,
                    coalesce(max(last_at) filter (where what = 'CLEARED'), '-infinity') as cleared,
                    max(last_at) filter (where what = 'LIMITED') as limited,
                    max(last_at) filter (where what = any ({0})) as pausing,
                    max(last_at) filter (where what = any ({1})) as seen
                from horse_heard
                where {2}
                group by horse_id)
                """, DSL.val(PAUSING), DSL.val(ALL), which);
    }

    private static SignSighting seen(Record r) {
        Instant received = r.get(STOP_SIGN.RECEIVED_AT);
        Instant at = r.get(STOP_SIGN.AT);
        return new SignSighting(
                r.get(STOP_SIGN.ID),
                r.get(STOP_SIGN.HORSE_ID),
                r.get(STOP_SIGN.PAIR_ID),
                StopSign.valueOf(r.get(STOP_SIGN.SIGN)),
                Side.valueOf(r.get(STOP_SIGN.SIDE)),
                // a device's clock may run ahead: nothing was seen later than it came in
                at.isAfter(received) ? received : at,
                received,
                r.get(STOP_SIGN.AUTHOR_ID),
                r.get(PERSON.NAME),
                r.get(STOP_SIGN.OCCASION_ID),
                SignSighting.Source.valueOf(r.get(STOP_SIGN.SOURCE)),
                r.get("lesson", Integer.class));
    }

    private static PauseAnswer answered(Record r) {
        String whom = r.get(PAUSE_ANSWER.WHOM);
        String fastest = r.get(PAUSE_ANSWER.FASTEST);
        return new PauseAnswer(
                r.get(PAUSE_ANSWER.ID),
                r.get(PAUSE_ANSWER.HORSE_ID),
                PauseAnswer.Kind.valueOf(r.get(PAUSE_ANSWER.KIND)),
                whom == null ? null : PauseAnswer.ContactRole.valueOf(whom),
                // the answer's own name; the person's stands beside it
                r.get(PAUSE_ANSWER.NAME),
                r.get(PAUSE_ANSWER.ON_DAY),
                r.get(PAUSE_ANSWER.MAY_HAND_WALK),
                fastest == null ? null : Gait.of(fastest),
                r.get(PAUSE_ANSWER.MINUTES),
                r.get(PAUSE_ANSWER.UNTIL_DAY),
                r.get(PAUSE_ANSWER.WORDS),
                r.get(PAUSE_ANSWER.REST_FROM),
                r.get(PAUSE_ANSWER.REST_TO),
                r.get(PERSON.NAME),
                r.get(PAUSE_ANSWER.ANSWERED_AT));
    }

    /** Locks a horse until the transaction ends: its answers are given one after the other. */
    void lock(UUID horse) {
        db.select(HORSE.ID).from(HORSE).where(HORSE.ID.eq(horse)).forUpdate().fetch();
    }

    boolean hasAnswer(UUID id) {
        return db.fetchExists(db.selectOne().from(PAUSE_ANSWER).where(PAUSE_ANSWER.ID.eq(id)));
    }

    void add(PauseAnswer a) {
        db.insertInto(PAUSE_ANSWER)
                .set(PAUSE_ANSWER.YARD_ID, YardScope.viewer().yard())
                .set(PAUSE_ANSWER.ID, a.id())
                .set(PAUSE_ANSWER.HORSE_ID, a.horse())
                .set(PAUSE_ANSWER.KIND, a.kind().name())
                .set(PAUSE_ANSWER.WHOM, a.whom() == null ? null : a.whom().name())
                .set(PAUSE_ANSWER.NAME, a.name())
                .set(PAUSE_ANSWER.ON_DAY, a.onDay())
                .set(PAUSE_ANSWER.MAY_HAND_WALK, a.mayHandWalk())
                .set(
                        PAUSE_ANSWER.FASTEST,
                        a.fastest() == null ? null : a.fastest().word())
                .set(PAUSE_ANSWER.MINUTES, a.minutes())
                .set(PAUSE_ANSWER.UNTIL_DAY, a.untilDay())
                .set(PAUSE_ANSWER.WORDS, a.words())
                .set(PAUSE_ANSWER.REST_FROM, a.restFrom())
                .set(PAUSE_ANSWER.REST_TO, a.restTo())
                .set(PAUSE_ANSWER.ANSWERED_BY, YardScope.viewer().person())
                .set(PAUSE_ANSWER.ANSWERED_AT, a.at())
                .onConflictDoNothing()
                .execute();
    }

    Optional<SignReport> reported(UUID id) {
        return db.selectFrom(REPORTED_STOP_SIGN)
                .where(REPORTED_STOP_SIGN.ID.eq(id))
                .fetchOptional(r -> new SignReport(
                        r.getId(),
                        r.getPairId(),
                        r.getAuthorId(),
                        r.getAt(),
                        StopSign.valueOf(r.getSign()),
                        Side.valueOf(r.getSide()),
                        r.getReceivedAt()));
    }

    void add(SignReport r) {
        db.insertInto(REPORTED_STOP_SIGN)
                .set(REPORTED_STOP_SIGN.YARD_ID, YardScope.viewer().yard())
                .set(REPORTED_STOP_SIGN.ID, r.id())
                .set(REPORTED_STOP_SIGN.PAIR_ID, r.pair())
                .set(REPORTED_STOP_SIGN.AUTHOR_ID, r.author())
                .set(REPORTED_STOP_SIGN.AT, r.at())
                .set(REPORTED_STOP_SIGN.SIGN, r.sign().name())
                .set(REPORTED_STOP_SIGN.SIDE, r.side().name())
                .set(REPORTED_STOP_SIGN.RECEIVED_AT, r.receivedAt())
                .onConflictDoNothing()
                .execute();
    }

    void takeBack(UUID id, Instant at) {
        db.update(REPORTED_STOP_SIGN)
                .set(REPORTED_STOP_SIGN.TAKEN_BACK_AT, at)
                .where(REPORTED_STOP_SIGN.ID.eq(id).and(REPORTED_STOP_SIGN.TAKEN_BACK_AT.isNull()))
                .execute();
    }

    /** The planned minutes of the horse's last lesson begun before this time; empty when there was none. */
    Optional<Integer> lastMinutes(UUID horse, Instant before) {
        return db.select(LESSON.PLANNED_MINUTES)
                .from(LESSON)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(LESSON.YARD_ID).and(PAIR.ID.eq(LESSON.PAIR_ID)))
                .join(RIDDEN_LESSON)
                .on(RIDDEN_LESSON.YARD_ID.eq(LESSON.YARD_ID).and(RIDDEN_LESSON.LESSON_ID.eq(LESSON.ID)))
                .where(PAIR.HORSE_ID.eq(horse).and(RIDDEN_LESSON.STARTED_AT.lt(before)))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc())
                .limit(1)
                .fetchOptional(r -> r.value1());
    }
}
