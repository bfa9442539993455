package strophos.server.ride;

import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.max;
import static strophos.server.db.Tables.DEVICE;
import static strophos.server.db.Tables.ENTRY;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.record.Canonical;
import strophos.core.record.Entry;
import strophos.core.record.ReadEntry;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.EntryRecord;
import strophos.server.digest.Digest;
import strophos.server.sql.Binds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The stored log. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class EntryRepository {

    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    /** A statement takes at most 32 767 values. */
    private static final int ROWS_A_STATEMENT = 1000;

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

    /** Of the lesson this pair began before that one; none before the first. */
    List<StoredEntry> ofLessonBefore(UUID pair, Instant began, UUID lesson) {
        return inOrder(ENTRY.LESSON_ID.eq(DSL.select(RIDDEN_LESSON.LESSON_ID)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .and(DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID).lt(began, lesson))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(1)));
    }

    private List<StoredEntry> inOrder(Condition which) {
        return db.selectFrom(ENTRY)
                .where(which)
                .orderBy(ENTRY.AT_MS, ENTRY.DEVICE_ID, ENTRY.SEQ, ENTRY.ID)
                .fetch(this::stored);
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
                        .where(ENTRY.ID.in(ids))
                        .fetch(r -> new StoredForm(entry(r), Optional.ofNullable(r.getDigest())));
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
        UUID yard = YardScope.viewer().yard();
        AtomicLong arrival = new AtomicLong(lastArrival(lesson));
        List<EntryRecord> rows = entries.stream()
                .map(read -> {
                    Entry e = read.entry();
                    var row = db.newRecord(ENTRY);
                    row.setYardId(yard);
                    row.setId(UUID.fromString(e.id()));
                    row.setLessonId(UUID.fromString(e.lesson()));
                    row.setDeviceId(UUID.fromString(e.device()));
                    row.setAuthorId(UUID.fromString(e.author()));
                    row.setSeq(e.seq());
                    row.setAtMs(e.atMs());
                    row.setKind(e.kind());
                    row.setV(e.v());
                    row.setPayload(JSONB.valueOf(json.writeValueAsString(e.payload())));
                    row.setKeptOdd(read.payload().isEmpty());
                    row.setReceivedAt(receivedAt);
                    row.setArrival(arrival.incrementAndGet());
                    row.setDigest(digestOf(e));
                    row.setImportedBy(importedBy.orElse(null));
                    return row;
                })
                .toList();
        Set<String> added = new HashSet<>();
        for (int i = 0; i < rows.size(); i += ROWS_A_STATEMENT) {
            db.insertInto(ENTRY, ENTRY.fields())
                    .valuesOfRecords(rows.subList(i, Math.min(rows.size(), i + ROWS_A_STATEMENT)))
                    .onConflict(ENTRY.YARD_ID, ENTRY.ID)
                    .doNothing()
                    .returning(ENTRY.ID)
                    .forEach(row -> added.add(row.getId().toString()));
        }
        return added;
    }

    private StoredEntry stored(EntryRecord r) {
        return new StoredEntry(entry(r), r.getReceivedAt(), Optional.ofNullable(r.getImportedBy()));
    }

    private Entry entry(Record r) {
        return new Entry(
                r.get(ENTRY.ID).toString(),
                r.get(ENTRY.LESSON_ID).toString(),
                r.get(ENTRY.DEVICE_ID).toString(),
                r.get(ENTRY.AUTHOR_ID).toString(),
                r.get(ENTRY.SEQ),
                r.get(ENTRY.AT_MS),
                r.get(ENTRY.KIND),
                r.get(ENTRY.V),
                json.readValue(r.get(ENTRY.PAYLOAD).data(), OBJECT));
    }
}
