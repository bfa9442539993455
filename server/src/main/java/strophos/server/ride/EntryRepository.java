package strophos.server.ride;

import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.max;
import static strophos.server.db.Tables.DEVICE;
import static strophos.server.db.Tables.ENTRY;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.Result;
import org.jooq.Select;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.record.Canonical;
import strophos.core.record.Entry;
import strophos.core.record.ReadEntry;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.EntryRecord;
import strophos.server.digest.Digest;
import strophos.server.lesson.Lesson;
import strophos.server.sql.Binds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The stored log. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class EntryRepository {

    private static final List<Field<?>> IN_ORDER = List.of(ENTRY.AT_MS, ENTRY.DEVICE_ID, ENTRY.SEQ, ENTRY.ID);

    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    /** A statement takes at most 32 767 values. */
    private final DSLContext db;

    private final JsonMapper json;

    EntryRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** Locks the lesson until the transaction ends: its log is folded by one writer at a time. */
    void lock(UUID lesson) {
        db.select(LESSON.ID)
                .from(LESSON)
                .where(LESSON.ID.eq(lesson))
                .forUpdate()
                .fetch();
    }

    /** The same for several, in the order of their ids. */
    void lock(Collection<UUID> lessons) {
        db.select(LESSON.ID)
                .from(LESSON)
                .where(Binds.isAnyOf(LESSON.ID, lessons))
                .orderBy(LESSON.ID)
                .forUpdate()
                .fetch();
    }

    /** Of each of these that has any. */
    Map<UUID, List<StoredEntry>> ofLessons(Collection<UUID> lessons) {
        return db.selectFrom(ENTRY)
                .where(Binds.isAnyOf(ENTRY.LESSON_ID, lessons))
                .fetchGroups(ENTRY.LESSON_ID, this::stored);
    }

    List<StoredEntry> ofLesson(UUID lesson) {
        return inOrder(ENTRY.LESSON_ID.eq(lesson));
    }

    private static Select<Record1<UUID>> before(UUID pair, Instant began, UUID lesson) {
        return lastOf(
                pair, DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID).lt(began, lesson));
    }

    private static Select<Record1<UUID>> lastOf(UUID pair, Condition which) {
        return DSL.select(RIDDEN_LESSON.LESSON_ID)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .and(which)
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(1);
    }

    /**
     * Of the lesson this pair rode before this one: what says what to think of next time, and what puts that right or takes it back, and how far each device was off. A
     * part of a statement.
     */
    Field<List<StoredEntry>> nextTimeBefore(Lesson lesson) {
        Select<Record1<UUID>> before = lesson.startedAt() == null
                ? lastOf(lesson.pair(), RIDDEN_LESSON.LESSON_ID.ne(lesson.id()))
                : before(lesson.pair(), lesson.startedAt(), lesson.id());
        // as text: inside of a list of rows it comes as JSON once more
        Field<String> payload = ENTRY.PAYLOAD.cast(SQLDataType.CLOB).as("payload_text");
        return DSL.multiset(DSL.select(
                                ENTRY.ID,
                                ENTRY.LESSON_ID,
                                ENTRY.DEVICE_ID,
                                ENTRY.AUTHOR_ID,
                                ENTRY.SEQ,
                                ENTRY.AT_MS,
                                ENTRY.KIND,
                                ENTRY.V,
                                ENTRY.RECEIVED_AT,
                                payload)
                        .from(ENTRY)
                        .where(ENTRY.LESSON_ID.eq(before).and(ENTRY.KIND.in("clock", "next_time", "amend", "void")))
                        .orderBy(IN_ORDER))
                .convertFrom(rows -> rows.map(
                        r -> new StoredEntry(entry(r, r.get(payload)), r.get(ENTRY.RECEIVED_AT), Optional.empty())));
    }

    /** What bears on the clips of those of the last lessons of this pair on which landings were marked, the oldest first. */
    List<List<StoredEntry>> ofLastLessonsWithFootfalls(UUID pair, int most) {
        return ofLastLessons(
                        pair,
                        most,
                        ENTRY.KIND.in(
                                "clock",
                                "time_base",
                                "lesson_started",
                                "lesson_ended",
                                "segment",
                                "footfalls",
                                "amend",
                                "void"))
                .stream()
                .filter(log -> log.stream().anyMatch(e -> e.entry().kind().equals("footfalls")))
                .toList();
    }

    /** Of the last lessons of this pair that have ended, lesson by lesson, the oldest first. */
    List<List<StoredEntry>> ofLastLessons(UUID pair, int most) {
        return ofLastLessons(pair, most, DSL.trueCondition());
    }

    /**
     * What says what the rider is shown, and what puts that right or takes it back; with where each lesson began. Of so many last
     * lessons that have ended of each of these pairs, by pair, lesson by lesson, the oldest first.
     */
    Map<UUID, List<List<StoredEntry>>> forRider(Collection<UUID> pairs, int most) {
        Map<UUID, UUID> pairOf = lastLessonsOf(pairs, most);
        Table<?> last = DSL.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT)
                .from(RIDDEN_LESSON)
                .where(Binds.isAnyOf(RIDDEN_LESSON.LESSON_ID, pairOf.keySet()))
                .asTable("last");
        return ofLessons(last, ENTRY.KIND.in("clock", "time_base", "lesson_started", "for_rider", "amend", "void"))
                .stream()
                .collect(Collectors.groupingBy(
                        log -> pairOf.get(UUID.fromString(log.get(0).entry().lesson()))));
    }

    /** The pair of each of their last lessons that have ended. */
    private Map<UUID, UUID> lastLessonsOf(Collection<UUID> pairs, int most) {
        Table<?> each = DSL.lateral(DSL.select(RIDDEN_LESSON.LESSON_ID)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(PAIR.ID).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .and(RIDDEN_LESSON.ENDED_AT.isNotNull())
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(most)
                .asTable("each"));
        return db.select(each.field(RIDDEN_LESSON.LESSON_ID), PAIR.ID)
                .from(PAIR)
                .crossJoin(each)
                .where(Binds.isAnyOf(PAIR.ID, pairs))
                .fetchMap(each.field(RIDDEN_LESSON.LESSON_ID), PAIR.ID);
    }

    /** Of the last lessons that were planned in this time and in which this person wrote, lesson by lesson, the oldest first. */
    List<List<StoredEntry>> ofLastLessonsBy(UUID person, Instant from, Instant to, int most) {
        return ofLessons(
                DSL.select(LESSON.ID.as(RIDDEN_LESSON.LESSON_ID), LESSON.PLANNED_AT.as(RIDDEN_LESSON.STARTED_AT))
                        .from(LESSON)
                        .where(LESSON.PLANNED_AT.between(from, to))
                        .and(DSL.exists(DSL.selectOne()
                                .from(ENTRY)
                                .where(ENTRY.LESSON_ID.eq(LESSON.ID).and(ENTRY.AUTHOR_ID.eq(person)))))
                        .orderBy(LESSON.PLANNED_AT.desc(), LESSON.ID.desc())
                        .limit(most)
                        .asTable("last"),
                DSL.trueCondition());
    }

    private List<List<StoredEntry>> ofLastLessons(UUID pair, int most, Condition which) {
        return ofLessons(
                DSL.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT)
                        .from(RIDDEN_LESSON)
                        .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                        .and(RIDDEN_LESSON.ENDED_AT.isNotNull())
                        .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                        .limit(most)
                        .asTable("last"),
                which);
    }

    /** @param last lessons by id, and when they began */
    private List<List<StoredEntry>> ofLessons(Table<?> last, Condition which) {
        Map<UUID, List<StoredEntry>> byLesson = db
                .select(ENTRY.fields())
                .from(last)
                .join(ENTRY)
                .on(ENTRY.LESSON_ID.eq(last.field(RIDDEN_LESSON.LESSON_ID)))
                .where(which)
                .orderBy(
                        last.field(RIDDEN_LESSON.STARTED_AT),
                        ENTRY.LESSON_ID,
                        ENTRY.AT_MS,
                        ENTRY.DEVICE_ID,
                        ENTRY.SEQ,
                        ENTRY.ID)
                .fetchInto(ENTRY)
                .stream()
                .collect(Collectors.groupingBy(
                        EntryRecord::getLessonId,
                        LinkedHashMap::new,
                        Collectors.mapping(this::stored, Collectors.toList())));
        return List.copyOf(byLesson.values());
    }

    private List<StoredEntry> inOrder(Condition which) {
        return db.selectFrom(ENTRY).where(which).orderBy(IN_ORDER).fetch(this::stored);
    }

    /** Those that arrived after this one, in the order of their arrival. */
    RideLog.Arrivals after(UUID lesson, long arrival) {
        Result<EntryRecord> rows = db.selectFrom(ENTRY)
                .where(ENTRY.LESSON_ID.eq(lesson).and(ENTRY.ARRIVAL.gt(arrival)))
                .orderBy(ENTRY.ARRIVAL)
                .fetch();
        return new RideLog.Arrivals(
                rows.map(this::stored),
                rows.isEmpty() ? arrival : rows.get(rows.size() - 1).getArrival());
    }

    /** The last arrival; 0 when nothing has arrived. */
    long lastArrival(UUID lesson) {
        return db.select(coalesce(max(ENTRY.ARRIVAL), 0L))
                .from(ENTRY)
                .where(ENTRY.LESSON_ID.eq(lesson))
                .fetchSingle()
                .value1();
    }

    static String digestOf(Entry e) {
        return Digest.of(Canonical.of(e));
    }

    /** Those of these ids that are stored, in whatever lesson of the yard. */
    List<StoredForm> withIds(Collection<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : db.selectFrom(ENTRY)
                        .where(Binds.isAnyOf(ENTRY.ID, ids))
                        .fetch(r ->
                                new StoredForm(entry(r, r.getPayload().data()), Optional.ofNullable(r.getDigest())));
    }

    /** Whose each of these devices is; one that nobody has written on yet becomes its author's. */
    Map<String, String> owners(Map<String, String> authorByDevice, Instant now) {
        UUID yard = YardScope.viewer().yard();
        authorByDevice.forEach((device, author) -> db.insertInto(DEVICE)
                .set(DEVICE.YARD_ID, yard)
                .set(DEVICE.ID, UUID.fromString(device))
                .set(DEVICE.PERSON_ID, UUID.fromString(author))
                .set(DEVICE.FIRST_SEEN_AT, now)
                .onConflictDoNothing()
                .execute());
        return db.selectFrom(DEVICE)
                .where(DEVICE.ID.in(
                        authorByDevice.keySet().stream().map(UUID::fromString).toList()))
                .fetchMap(r -> r.getId().toString(), r -> r.getPersonId().toString());
    }

    /** Who brought entries of this lesson in from files, and how many, by name. */
    List<RideLog.Origin> broughtIn(UUID lesson) {
        return db.select(PERSON.NAME, count())
                .from(ENTRY)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(ENTRY.YARD_ID).and(PERSON.ID.eq(ENTRY.IMPORTED_BY)))
                .where(ENTRY.LESSON_ID.eq(lesson))
                .groupBy(PERSON.ID, PERSON.NAME)
                .orderBy(PERSON.NAME)
                .fetch(r -> new RideLog.Origin(r.value1(), r.value2()));
    }

    /** Everybody of the yard. */
    Set<String> people() {
        return db.select(PERSON.ID).from(PERSON).fetchSet(r -> r.value1().toString());
    }

    /**
     * Adds those whose id is not stored yet to their lesson, which must be locked: their arrivals are counted on. The ids of
     * those added.
     */
    Set<String> add(UUID lesson, Collection<ReadEntry> entries, Instant receivedAt, Optional<UUID> importedBy) {
        List<ReadEntry> sent = List.copyOf(entries);
        // one bind a column, whatever the number of entries
        return Set.copyOf(db.resultQuery(
                        """
                        insert into entry (yard_id, id, lesson_id, device_id, author_id, seq, at_ms, kind, v, payload, kept_odd, received_at, arrival, digest, imported_by)
                        select {0}, e.id, {1}, e.device, e.author, e.seq, e.at_ms, e.kind, e.v, e.payload, e.odd, {2}, {3} + e.place, e.digest, {4}
                        from unnest({5}::uuid[], {6}::uuid[], {7}::uuid[], {8}::bigint[], {9}::bigint[], {10}::text[], {11}::integer[], {12}::jsonb[], {13}::boolean[], {14}::text[])
                            with ordinality as e (id, device, author, seq, at_ms, kind, v, payload, odd, digest, place)
                        on conflict (yard_id, id) do nothing
                        returning id::text
                        """,
                        DSL.val(YardScope.viewer().yard()),
                        DSL.val(lesson),
                        DSL.val(receivedAt),
                        DSL.val(lastArrival(lesson)),
                        DSL.val(importedBy.orElse(null), ENTRY.IMPORTED_BY),
                        Binds.texts(sent, e -> e.entry().id()),
                        Binds.texts(sent, e -> e.entry().device()),
                        Binds.texts(sent, e -> e.entry().author()),
                        Binds.texts(sent, e -> Long.toString(e.entry().seq())),
                        Binds.texts(sent, e -> Long.toString(e.entry().atMs())),
                        Binds.texts(sent, e -> e.entry().kind()),
                        Binds.texts(sent, e -> Integer.toString(e.entry().v())),
                        Binds.texts(sent, e -> json.writeValueAsString(e.entry().payload())),
                        Binds.texts(sent, e -> Boolean.toString(e.payload().isEmpty())),
                        Binds.texts(sent, e -> digestOf(e.entry())))
                .fetch(0, String.class));
    }

    private StoredEntry stored(EntryRecord r) {
        return new StoredEntry(
                entry(r, r.getPayload().data()), r.getReceivedAt(), Optional.ofNullable(r.getImportedBy()));
    }

    private Entry entry(Record r, String payload) {
        return new Entry(
                r.get(ENTRY.ID).toString(),
                r.get(ENTRY.LESSON_ID).toString(),
                r.get(ENTRY.DEVICE_ID).toString(),
                r.get(ENTRY.AUTHOR_ID).toString(),
                r.get(ENTRY.SEQ),
                r.get(ENTRY.AT_MS),
                r.get(ENTRY.KIND),
                r.get(ENTRY.V),
                json.readValue(payload, OBJECT));
    }
}
