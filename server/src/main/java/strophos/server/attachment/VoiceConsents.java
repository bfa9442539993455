package strophos.server.attachment;

import static strophos.server.db.Tables.GUARDIANSHIP;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.VOICE_CONSENT;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/**
 * Whether a rider's lessons may be spoken into. A rider who has a guardian is a minor, until birth dates are kept: only with the
 * guardian's recorded consent, of which the latest word counts.
 */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class VoiceConsents {

    /** The kind of entry that holds a spoken note. */
    public static final String KIND = "voice";

    private final DSLContext db;

    VoiceConsents(DSLContext db) {
        this.db = db;
    }

    /** Whether this pair's lessons may be spoken into, for a statement that asks other things as well. */
    public Field<Boolean> mayRecord(UUID pair) {
        Field<UUID> rider = DSL.field(
                DSL.select(PAIR.RIDER_ID).from(PAIR).where(PAIR.ID.eq(pair)).limit(1));
        return DSL.field(DSL.coalesce(
                DSL.field(DSL.select(VOICE_CONSENT.GIVEN)
                        .from(VOICE_CONSENT)
                        .where(VOICE_CONSENT.RIDER_ID.eq(rider))
                        .orderBy(VOICE_CONSENT.RECORDED_AT.desc(), VOICE_CONSENT.ID.desc())
                        .limit(1)),
                DSL.field(DSL.notExists(DSL.selectOne().from(GUARDIANSHIP).where(GUARDIANSHIP.WARD_ID.eq(rider))))));
    }

    public boolean isRecordable(UUID pair) {
        return Boolean.TRUE.equals(db.select(mayRecord(pair)).fetchSingle().value1());
    }

    boolean isMinor(UUID rider) {
        return db.fetchExists(GUARDIANSHIP, GUARDIANSHIP.WARD_ID.eq(rider));
    }

    /** The latest word; empty where none was ever said. */
    Optional<ConsentWord> latest(UUID rider) {
        return db.select(
                        VOICE_CONSENT.ID,
                        VOICE_CONSENT.GIVEN,
                        VOICE_CONSENT.SAID_BY,
                        PERSON.NAME,
                        VOICE_CONSENT.RECORDED_AT)
                .from(VOICE_CONSENT)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(VOICE_CONSENT.YARD_ID).and(PERSON.ID.eq(VOICE_CONSENT.RECORDED_BY)))
                .where(VOICE_CONSENT.RIDER_ID.eq(rider))
                .orderBy(VOICE_CONSENT.RECORDED_AT.desc(), VOICE_CONSENT.ID.desc())
                .limit(1)
                .fetchOptional(r -> new ConsentWord(r.value1(), r.value2(), r.value3(), r.value4(), r.value5()));
    }

    List<String> guardians(UUID rider) {
        return db.select(PERSON.NAME)
                .from(PERSON)
                .join(GUARDIANSHIP)
                .on(GUARDIANSHIP.YARD_ID.eq(PERSON.YARD_ID).and(GUARDIANSHIP.GUARDIAN_ID.eq(PERSON.ID)))
                .where(GUARDIANSHIP.WARD_ID.eq(rider))
                .orderBy(PERSON.NAME)
                .fetch(PERSON.NAME);
    }

    /** Whether it was not said before under this id. */
    boolean add(UUID id, UUID rider, boolean isGiven, String saidBy, Instant at) {
        return db.insertInto(VOICE_CONSENT)
                        .set(VOICE_CONSENT.YARD_ID, YardScope.viewer().yard())
                        .set(VOICE_CONSENT.ID, id)
                        .set(VOICE_CONSENT.RIDER_ID, rider)
                        .set(VOICE_CONSENT.GIVEN, isGiven)
                        .set(VOICE_CONSENT.SAID_BY, saidBy)
                        .set(VOICE_CONSENT.RECORDED_BY, YardScope.viewer().person())
                        .set(VOICE_CONSENT.RECORDED_AT, at)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }
}
