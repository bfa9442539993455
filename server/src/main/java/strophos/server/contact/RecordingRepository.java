package strophos.server.contact;

import static strophos.server.db.Tables.CONTACT_BAND;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.RECORDING;
import static strophos.server.db.Tables.RECORDING_CHUNK;
import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.rein.Recording;
import strophos.server.rein.ReinRepository;
import strophos.server.rein.StoredChunk;
import strophos.server.sql.Binds;

/** Changes recordings and bands, and finds what was measured; of lessons and pairs that the viewer was found to see. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class RecordingRepository {

    private final DSLContext db;

    RecordingRepository(DSLContext db) {
        this.db = db;
    }

    /** Lessons of the same pair that were begun before this one and measured, the latest first. */
    List<ContactView.EarlierView> measuredBefore(Lesson of, int most) {
        Field<Instant> began = DSL.coalesce(RIDDEN_LESSON.STARTED_AT, LESSON.PLANNED_AT);
        return db.select(LESSON.ID, began)
                .from(LESSON)
                .leftJoin(RIDDEN_LESSON)
                .on(RIDDEN_LESSON.YARD_ID.eq(LESSON.YARD_ID).and(RIDDEN_LESSON.LESSON_ID.eq(LESSON.ID)))
                .where(LESSON.PAIR_ID.eq(of.pair()))
                .and(began.lt(of.startedAt() == null ? of.plannedAt() : of.startedAt()))
                .and(isMeasured())
                .orderBy(began.desc(), LESSON.ID)
                .limit(most)
                .fetch(r -> new ContactView.EarlierView(r.value1(), r.value2()));
    }

    /** Lessons of the pair that were measured, the latest first. */
    List<UUID> measured(UUID pair) {
        return db.select(LESSON.ID)
                .from(LESSON)
                .where(LESSON.PAIR_ID.eq(pair))
                .and(isMeasured())
                .orderBy(LESSON.PLANNED_AT.desc(), LESSON.ID)
                .fetch(LESSON.ID);
    }

    private static Condition isMeasured() {
        return DSL.exists(DSL.selectOne()
                .from(RECORDING)
                .where(RECORDING.YARD_ID.eq(LESSON.YARD_ID).and(RECORDING.LESSON_ID.eq(LESSON.ID)))
                .and(RECORDING.WHOLE_AT.isNotNull().and(RECORDING.AWAY_AT.isNull())));
    }

    /** Asks of the pair's own rider in these lessons, in order. */
    List<AskedThen> asks(Collection<UUID> lessons) {
        return db.select(
                        RIDDEN_EXCHANGE.LESSON_ID,
                        RIDDEN_EXCHANGE.ENTRY_ID,
                        RIDDEN_EXCHANGE.AT,
                        RIDDEN_EXCHANGE.EXERCISE,
                        RIDDEN_EXCHANGE.GAIT,
                        RIDDEN_EXCHANGE.PLACE,
                        RIDDEN_EXCHANGE.REIN,
                        RIDDEN_EXCHANGE.RESPONSE)
                .from(RIDDEN_EXCHANGE)
                .where(Binds.isAnyOf(RIDDEN_EXCHANGE.LESSON_ID, lessons))
                // a tally has no moment of its own
                .and(RIDDEN_EXCHANGE.MOUNTED.eq(Mounted.RIDER.name()).and(RIDDEN_EXCHANGE.GOOD.isNull()))
                .orderBy(RIDDEN_EXCHANGE.LESSON_ID, RIDDEN_EXCHANGE.ORD)
                .fetch(r -> new AskedThen(
                        r.value1(),
                        r.value2(),
                        r.value3(),
                        String.join(" ", r.value4(), r.value5(), r.value6(), r.value7()),
                        r.value8().equals(Response.YES.name())));
    }

    /** Locked, so that nobody else changes it meanwhile. */
    Optional<Recording> locked(UUID lesson, UUID id) {
        return db.selectFrom(RECORDING)
                .where(RECORDING.ID.eq(id).and(RECORDING.LESSON_ID.eq(lesson)))
                .forUpdate()
                .fetchOptional(ReinRepository::recording);
    }

    /** Whether the id was free. */
    boolean add(Recording of, Instant at) {
        return db.insertInto(RECORDING)
                        .set(RECORDING.YARD_ID, YardScope.viewer().yard())
                        .set(RECORDING.ID, of.id())
                        .set(RECORDING.LESSON_ID, of.lesson())
                        .set(RECORDING.STARTED_AT, of.startedAt())
                        .set(RECORDING.RATE_HZ, of.rateHz())
                        .set(RECORDING.MINUTES, of.minutes())
                        .set(RECORDING.NAME, of.name())
                        .set(RECORDING.JITTER_MS, of.jitterMs())
                        .set(RECORDING.VERSION, 1)
                        .set(RECORDING.ADDED_BY, YardScope.viewer().person())
                        .set(RECORDING.ADDED_AT, at)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    void change(UUID id, Instant startedAt, @CanBeNull Instant awayAt) {
        db.update(RECORDING)
                .set(RECORDING.STARTED_AT, startedAt)
                .set(RECORDING.AWAY_AT, awayAt)
                .set(RECORDING.VERSION, RECORDING.VERSION.plus(1))
                .where(RECORDING.ID.eq(id))
                .execute();
    }

    void markWhole(UUID id, Instant at) {
        db.update(RECORDING)
                .set(RECORDING.WHOLE_AT, at)
                .where(RECORDING.ID.eq(id))
                .execute();
    }

    Optional<StoredChunk> chunk(UUID recording, int place) {
        return db.select(RECORDING_CHUNK.PLACE, RECORDING_CHUNK.SAMPLES, RECORDING_CHUNK.CONTENT)
                .from(RECORDING_CHUNK)
                .where(RECORDING_CHUNK.RECORDING_ID.eq(recording).and(RECORDING_CHUNK.PLACE.eq(place)))
                .fetchOptional(r -> new StoredChunk(r.value1(), r.value2(), r.value3()));
    }

    /** Samples of each chunk that is here, by its place. */
    Map<Integer, Integer> samples(UUID recording) {
        return db.select(RECORDING_CHUNK.PLACE, RECORDING_CHUNK.SAMPLES)
                .from(RECORDING_CHUNK)
                .where(RECORDING_CHUNK.RECORDING_ID.eq(recording))
                .fetchMap(RECORDING_CHUNK.PLACE, RECORDING_CHUNK.SAMPLES);
    }

    void add(UUID recording, StoredChunk chunk) {
        db.insertInto(RECORDING_CHUNK)
                .set(RECORDING_CHUNK.YARD_ID, YardScope.viewer().yard())
                .set(RECORDING_CHUNK.RECORDING_ID, recording)
                .set(RECORDING_CHUNK.PLACE, chunk.place())
                .set(RECORDING_CHUNK.SAMPLES, chunk.samples())
                .set(RECORDING_CHUNK.BYTES, chunk.content().length)
                .set(RECORDING_CHUNK.CONTENT, chunk.content())
                .execute();
    }

    /** Of all recordings of the yard. */
    long bytes() {
        return db.select(DSL.coalesce(DSL.sum(RECORDING_CHUNK.BYTES), DSL.inline(0)))
                .from(RECORDING_CHUNK)
                .where(RECORDING_CHUNK.YARD_ID.eq(YardScope.viewer().yard()))
                .fetchSingle(r -> r.value1().longValue());
    }

    Optional<StoredBand> band(UUID pair) {
        return db.select(CONTACT_BAND.LOW_KG, CONTACT_BAND.HIGH_KG, CONTACT_BAND.VERSION)
                .from(CONTACT_BAND)
                .where(CONTACT_BAND.PAIR_ID.eq(pair))
                .fetchOptional(r -> new StoredBand(r.value1(), r.value2(), r.value3()));
    }

    /** Whether nobody had changed it since this version; 0 where there is none yet. */
    boolean change(UUID pair, int version, double lowKg, double highKg, Instant at) {
        UUID viewer = YardScope.viewer().person();
        if (version == 0) {
            return db.insertInto(CONTACT_BAND)
                            .set(CONTACT_BAND.YARD_ID, YardScope.viewer().yard())
                            .set(CONTACT_BAND.PAIR_ID, pair)
                            .set(CONTACT_BAND.LOW_KG, lowKg)
                            .set(CONTACT_BAND.HIGH_KG, highKg)
                            .set(CONTACT_BAND.VERSION, 1)
                            .set(CONTACT_BAND.CHANGED_BY, viewer)
                            .set(CONTACT_BAND.CHANGED_AT, at)
                            .onConflictDoNothing()
                            .execute()
                    == 1;
        }
        return db.update(CONTACT_BAND)
                        .set(CONTACT_BAND.LOW_KG, lowKg)
                        .set(CONTACT_BAND.HIGH_KG, highKg)
                        .set(CONTACT_BAND.VERSION, version + 1)
                        .set(CONTACT_BAND.CHANGED_BY, viewer)
                        .set(CONTACT_BAND.CHANGED_AT, at)
                        .where(CONTACT_BAND.PAIR_ID.eq(pair).and(CONTACT_BAND.VERSION.eq(version)))
                        .execute()
                == 1;
    }
}
