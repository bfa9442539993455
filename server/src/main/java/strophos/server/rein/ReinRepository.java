package strophos.server.rein;

import static strophos.server.db.Tables.CONTACT_BAND;
import static strophos.server.db.Tables.RECORDING;
import static strophos.server.db.Tables.RECORDING_CHUNK;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.contact.Band;
import strophos.server.sql.Binds;

/** Reads recordings with their chunks, and each pair's band; of lessons and pairs that the viewer was found to see. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class ReinRepository {

    private final DSLContext db;

    ReinRepository(DSLContext db) {
        this.db = db;
    }

    /** In the order they were begun in, those that were taken out too. */
    public List<Recording> ofLesson(UUID lesson) {
        return db.selectFrom(RECORDING)
                .where(RECORDING.LESSON_ID.eq(lesson))
                .orderBy(RECORDING.STARTED_AT, RECORDING.ID)
                .fetch(ReinRepository::recording);
    }

    /** The same of several lessons, only those that are whole and in use. */
    public List<Recording> readable(Collection<UUID> lessons) {
        return db.selectFrom(RECORDING)
                .where(Binds.isAnyOf(RECORDING.LESSON_ID, lessons))
                .and(RECORDING.WHOLE_AT.isNotNull().and(RECORDING.AWAY_AT.isNull()))
                .orderBy(RECORDING.STARTED_AT, RECORDING.ID)
                .fetch(ReinRepository::recording);
    }

    /** One as it stands in its table. */
    public static Recording recording(Record r) {
        return new Recording(
                r.get(RECORDING.ID),
                r.get(RECORDING.LESSON_ID),
                r.get(RECORDING.STARTED_AT),
                r.get(RECORDING.RATE_HZ),
                r.get(RECORDING.MINUTES),
                r.get(RECORDING.NAME),
                r.get(RECORDING.JITTER_MS),
                r.get(RECORDING.VERSION),
                r.get(RECORDING.WHOLE_AT) != null,
                r.get(RECORDING.AWAY_AT) != null);
    }

    /** All of them, in order; of each recording, by its id. */
    public Map<UUID, List<StoredChunk>> chunks(Collection<UUID> recordings) {
        return db.select(
                        RECORDING_CHUNK.RECORDING_ID,
                        RECORDING_CHUNK.PLACE,
                        RECORDING_CHUNK.SAMPLES,
                        RECORDING_CHUNK.CONTENT)
                .from(RECORDING_CHUNK)
                .where(Binds.isAnyOf(RECORDING_CHUNK.RECORDING_ID, recordings))
                .orderBy(RECORDING_CHUNK.RECORDING_ID, RECORDING_CHUNK.PLACE)
                .fetchGroups(
                        r -> r.get(RECORDING_CHUNK.RECORDING_ID),
                        r -> new StoredChunk(
                                r.get(RECORDING_CHUNK.PLACE),
                                r.get(RECORDING_CHUNK.SAMPLES),
                                r.get(RECORDING_CHUNK.CONTENT)));
    }

    /** Of those of these pairs that have one. */
    Map<UUID, Band> bands(Collection<UUID> pairs) {
        return db.select(CONTACT_BAND.PAIR_ID, CONTACT_BAND.LOW_KG, CONTACT_BAND.HIGH_KG)
                .from(CONTACT_BAND)
                .where(Binds.isAnyOf(CONTACT_BAND.PAIR_ID, pairs))
                .fetchMap(r -> r.value1(), r -> new Band(r.value2(), r.value3()));
    }
}
