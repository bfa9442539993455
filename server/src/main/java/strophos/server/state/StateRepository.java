package strophos.server.state;

import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PAIR_STATE;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.db.tables.records.PairStateRecord;
import strophos.server.sql.Binds;
import tools.jackson.core.type.TypeReference;

/** The states kept, and all that is folded on from them; each method is one statement, whatever the number of pairs. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class StateRepository {

    /** So many states, of up to 40 kB as they are kept. */
    private static final long REMEMBERED = 1000;

    private final DSLContext db;
    private final StateJson json;

    /** A state that was read, and the version of its row. */
    private record ReadState(String version, PairState state) {}

    /** The last state of a pair before a lesson. */
    private record LastBefore(UUID pair, String lesson) {}

    /** What was read lately: the same pairs are looked at again and again between two lessons of theirs, and a state is long. */
    private final Cache<LastBefore, ReadState> read =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    StateRepository(DSLContext db, StateJson json) {
        this.db = db;
        this.json = json;
    }

    /** Locks a pair until the transaction ends: its states are written by one at a time. Others may still begin lessons. */
    void lock(UUID pair) {
        db.select(PAIR.ID).from(PAIR).where(PAIR.ID.eq(pair)).forNoKeyUpdate().fetch();
    }

    private record BegunLessonJson(OffsetDateTime at, UUID lesson, boolean ended, List<String> rungs) {}

    private record DecisionJson(UUID id, @CanBeNull UUID lesson, String rung, String chosen, OffsetDateTime at) {}

    private static final TypeReference<List<BegunLessonJson>> BEGUN = new TypeReference<>() {};

    private static final TypeReference<List<DecisionJson>> MADE = new TypeReference<>() {};

    /**
     * The last state of each of these pairs before a lesson, or the last of all, and what came since until then. A decision was made when
     * it says, and not before its own lesson began: the clock that began it may run ahead of ours. A state that was read before is not
     * sent again while its row is the same: written by the same transaction, at the same place.
     */
    Map<UUID, StateSince> since(Collection<UUID> pairs, Optional<LessonKey> before) {
        // what is compared is worked out beforehand: under row level security only a plain comparison leads into an
        // index
        String endAt = before.map(l -> l.beganAt().toString()).orElse("infinity");
        String endLesson = before.map(l -> l.lesson().toString()).orElse("ffffffff-ffff-ffff-ffff-ffffffffffff");
        Map<UUID, ReadState> known = new HashMap<>();
        pairs.forEach(p -> Optional.ofNullable(read.getIfPresent(new LastBefore(p, endLesson)))
                .ifPresent(k -> known.put(p, k)));
        return db
                .resultQuery(
                        """
                        select w.pair_id, s.lesson_id, s.began_at, s.made_by, s.version,
                            case when s.version = w.known then null else s.state end as state,
                            (select coalesce(jsonb_agg(jsonb_build_object(
                                'at', r.started_at, 'lesson', r.lesson_id, 'ended', r.ended_at is not null, 'rungs', array(
                                    select distinct c.rung from lesson_count c
                                    where c.lesson_id = r.lesson_id and c.mounted = 'RIDER' and (c.asks > 0 or c.observed > 0 or c.measured > 0)))
                                order by r.started_at, r.lesson_id), '[]')
                            from ridden_lesson r
                            where r.pair_id = w.pair_id and r.started_at is not null and r.started_at >= s.from_at
                                and (r.started_at > s.from_at or r.lesson_id > s.from_lesson)
                                and (r.started_at, r.lesson_id) < ({1}::timestamptz, {2}::uuid)) as lessons,
                            (select coalesce(jsonb_agg(jsonb_build_object(
                                'id', d.id, 'lesson', d.lesson_id, 'rung', d.rung, 'chosen', d.chosen, 'at', d.at)
                                order by d.at, d.decided_at, d.id), '[]')
                            from (
                                select d.id, d.lesson_id, d.rung, d.chosen, d.decided_at, greatest(d.decided_at, (
                                    select own.started_at from ridden_lesson own where own.lesson_id = d.lesson_id)) as at
                                from decision d
                                where d.pair_id = w.pair_id and d.decided_at >= s.decided_from
                                union all
                                select p.id, null, p.rung, case when p.known then {4} else {5} end, p.placed_at, p.placed_at
                                from rung_placing p
                                where p.pair_id = w.pair_id and p.placed_at >= s.decided_from) d
                            where d.at >= s.from_at and d.at < {1}::timestamptz
                                and d.lesson_id is distinct from {2}::uuid) as decisions
                        from unnest({0}::uuid[], {6}::text[]) as w (pair_id, known)
                        cross join lateral (
                            select s.*, concat(s.xmin, ' ', s.ctid) as version, coalesce(s.began_at, '-infinity') as from_at, coalesce(s.lesson_id, {3}::uuid) as from_lesson,
                                coalesce(s.began_at - interval '2 days', '-infinity') as decided_from
                            from (select 1) one
                            left join (
                                select *, xmin, ctid from pair_state s
                                where s.pair_id = w.pair_id and (s.began_at, s.lesson_id) < ({1}::timestamptz, {2}::uuid)
                                order by s.began_at desc, s.lesson_id desc
                                limit 1) s on true
                            offset 0) s
                        """,
                        Binds.texts(pairs, UUID::toString),
                        DSL.val(endAt),
                        DSL.val(endLesson),
                        DSL.inline(LessonKey.FIRST.lesson().toString()),
                        DSL.inline(StoredDecision.PLACED),
                        DSL.inline(StoredDecision.TAKEN_BACK),
                        Binds.texts(
                                pairs,
                                p -> Optional.ofNullable(known.get(p))
                                        .map(ReadState::version)
                                        .orElse("")))
                .stream()
                .collect(Collectors.toMap(r -> r.get("pair_id", UUID.class), r -> since(r, known, endLesson)));
    }

    private StateSince since(Record r, Map<UUID, ReadState> known, String end) {
        UUID pair = r.get("pair_id", UUID.class);
        UUID lesson = r.get("lesson_id", UUID.class);
        StoredState from = lesson == null
                ? StoredState.start(pair)
                : new StoredState(
                        pair,
                        new LessonKey(r.get("began_at", Instant.class), lesson),
                        r.get("made_by", String.class),
                        Optional.ofNullable(r.get("state", JSONB.class))
                                .map(state -> read(new LastBefore(pair, end), r.get("version", String.class), state))
                                .orElseGet(() -> known.get(pair).state()));
        return new StateSince(
                from,
                json.read(r.get("lessons", JSONB.class).data(), BEGUN).stream()
                        .map(b -> new BegunLesson(
                                pair,
                                new LessonKey(b.at().toInstant(), b.lesson()),
                                b.ended(),
                                b.rungs().stream().map(RungId::of).collect(Collectors.toSet())))
                        .toList(),
                json.read(r.get("decisions", JSONB.class).data(), MADE).stream()
                        .map(m -> new StoredDecision(
                                m.id(),
                                pair,
                                Optional.ofNullable(m.lesson()),
                                m.rung(),
                                m.chosen(),
                                m.at().toInstant()))
                        .toList());
    }

    private PairState read(LastBefore which, String version, JSONB written) {
        PairState state = json.read(written.data());
        read.put(which, new ReadState(version, state));
        return state;
    }

    /** Puts these in place of all states of the pair after the one they go on from. */
    void replaceAfter(StoredState from, List<StoredState> states) {
        remove(
                from.pair(),
                DSL.row(PAIR_STATE.BEGAN_AT, PAIR_STATE.LESSON_ID)
                        .gt(from.upTo().beganAt(), from.upTo().lesson()));
        List<PairStateRecord> rows = states.stream().map(this::row).toList();
        int most = 500;
        for (int i = 0; i < rows.size(); i += most) {
            db.insertInto(PAIR_STATE, PAIR_STATE.fields())
                    .valuesOfRecords(rows.subList(i, Math.min(rows.size(), i + most)))
                    .execute();
        }
    }

    /** What began at this moment or later has changed: nothing is known of the pair from there on. */
    void forget(UUID pair, Instant from) {
        remove(pair, PAIR_STATE.BEGAN_AT.ge(from));
    }

    private void remove(UUID pair, Condition which) {
        db.deleteFrom(PAIR_STATE).where(PAIR_STATE.PAIR_ID.eq(pair).and(which)).execute();
    }

    /** Keeps a state judged by other rules than before, unless it has been made anew meanwhile. */
    void judgedAnew(StoredState before, PairState now, String madeBy) {
        db.update(PAIR_STATE)
                .set(PAIR_STATE.STATE, JSONB.valueOf(json.write(now)))
                .set(PAIR_STATE.MADE_BY, madeBy)
                .where(PAIR_STATE.LESSON_ID.eq(before.upTo().lesson()))
                .and(PAIR_STATE.MADE_BY.eq(before.madeBy()))
                .and(PAIR_STATE.LESSONS.eq(before.state().lessons()))
                .execute();
    }

    /** All states of a pair, in order. */
    List<StoredState> all(UUID pair) {
        return db.selectFrom(PAIR_STATE)
                .where(PAIR_STATE.PAIR_ID.eq(pair))
                .orderBy(PAIR_STATE.BEGAN_AT, PAIR_STATE.LESSON_ID)
                .fetch(r -> new StoredState(
                        r.getPairId(),
                        new LessonKey(r.getBeganAt(), r.getLessonId()),
                        r.getMadeBy(),
                        json.read(r.getState().data())));
    }

    private PairStateRecord row(StoredState k) {
        PairStateRecord row = new PairStateRecord();
        row.setYardId(YardScope.viewer().yard());
        row.setLessonId(k.upTo().lesson());
        row.setPairId(k.pair());
        row.setBeganAt(k.upTo().beganAt());
        row.setLessons(k.state().lessons());
        row.setMadeBy(k.madeBy());
        row.setState(JSONB.valueOf(json.write(k.state())));
        return row;
    }
}
