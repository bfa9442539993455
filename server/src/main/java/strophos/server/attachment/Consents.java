package strophos.server.attachment;

import static strophos.server.db.Tables.GUARDIANSHIP;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.PICTURE_CONSENT;
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
import strophos.server.db.tables.VoiceConsent;

/**
 * Whether a rider's lessons may be spoken into, and stills of their clips be kept. A rider who has a guardian is a minor, until birth dates
 * are kept: only with the guardian's recorded consent, of which the latest word counts. Each subject is asked for by itself.
 */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class Consents {

    /** The kind of entry that is refused as a whole where a minor may not be spoken of. */
    public static final String VOICE_KIND = "voice";

    private final DSLContext db;

    Consents(DSLContext db) {
        this.db = db;
    }

    /** The words on either subject are kept alike. */
    private static VoiceConsent words(ConsentSubject subject) {
        return subject == ConsentSubject.VOICE ? VOICE_CONSENT : VOICE_CONSENT.rename(PICTURE_CONSENT.getName());
    }

    /** Whether it may be kept of this pair's lessons, for a statement that asks other things as well. */
    public Field<Boolean> mayKeep(ConsentSubject subject, UUID pair) {
        VoiceConsent words = words(subject);
        Field<UUID> rider = DSL.field(
                DSL.select(PAIR.RIDER_ID).from(PAIR).where(PAIR.ID.eq(pair)).limit(1));
        return DSL.field(DSL.coalesce(
                DSL.field(DSL.select(words.GIVEN)
                        .from(words)
                        .where(words.RIDER_ID.eq(rider))
                        .orderBy(words.RECORDED_AT.desc(), words.ID.desc())
                        .limit(1)),
                DSL.field(DSL.notExists(DSL.selectOne().from(GUARDIANSHIP).where(GUARDIANSHIP.WARD_ID.eq(rider))))));
    }

    public boolean isAllowed(ConsentSubject subject, UUID pair) {
        return Boolean.TRUE.equals(
                db.select(mayKeep(subject, pair)).fetchSingle().value1());
    }

    boolean isMinor(UUID rider) {
        return db.fetchExists(GUARDIANSHIP, GUARDIANSHIP.WARD_ID.eq(rider));
    }

    /** The latest word; empty where none was ever said. */
    Optional<ConsentWord> latest(ConsentSubject subject, UUID rider) {
        VoiceConsent words = words(subject);
        return db.select(words.ID, words.GIVEN, words.SAID_BY, PERSON.NAME, words.RECORDED_AT)
                .from(words)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(words.YARD_ID).and(PERSON.ID.eq(words.RECORDED_BY)))
                .where(words.RIDER_ID.eq(rider))
                .orderBy(words.RECORDED_AT.desc(), words.ID.desc())
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
    boolean add(ConsentSubject subject, UUID id, UUID rider, boolean isGiven, String saidBy, Instant at) {
        VoiceConsent words = words(subject);
        return db.insertInto(words)
                        .set(words.YARD_ID, YardScope.viewer().yard())
                        .set(words.ID, id)
                        .set(words.RIDER_ID, rider)
                        .set(words.GIVEN, isGiven)
                        .set(words.SAID_BY, saidBy)
                        .set(words.RECORDED_BY, YardScope.viewer().person())
                        .set(words.RECORDED_AT, at)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }
}
