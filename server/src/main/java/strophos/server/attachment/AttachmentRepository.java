package strophos.server.attachment;

import static strophos.server.db.Tables.ATTACHMENT;
import static strophos.server.db.Tables.ENTRY;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Record3;
import org.jooq.Select;
import org.jooq.SelectConditionStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/** Contents by their digest, and which lesson's entries name them. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class AttachmentRepository {

    /** Where an entry names one: in which kinds, and how. */
    private enum Name {
        SPOKEN(ConsentSubject.VOICE, "{0} ->> 'sha256'", Consents.VOICE_KIND),
        SPOKEN_ON_CLIP(ConsentSubject.VOICE, "{0} -> 'spoken' ->> 'sha256'", "comment"),
        STILL(ConsentSubject.PICTURES, "{0} ->> 'still'", "comment", "frame_measure");

        private final ConsentSubject subject;
        private final String sha256;
        private final String[] kinds;

        Name(ConsentSubject subject, String sha256, String... kinds) {
            this.subject = subject;
            this.sha256 = sha256;
            this.kinds = kinds;
        }
    }

    private final DSLContext db;

    AttachmentRepository(DSLContext db) {
        this.db = db;
    }

    /** As what entries of this lesson name it; none where they do not. */
    Set<ConsentSubject> namedAs(UUID lesson, String sha256) {
        return Arrays.stream(Name.values())
                .filter(name ->
                        db.fetchExists(named(name, lesson).and(sha256(name).eq(sha256))))
                .map(name -> name.subject)
                .collect(Collectors.toSet());
    }

    private static Field<String> sha256(Name name) {
        return DSL.field(name.sha256, String.class, ENTRY.PAYLOAD);
    }

    private static SelectConditionStep<Record1<String>> named(Name name, UUID lesson) {
        return DSL.select(sha256(name))
                .from(ENTRY)
                .where(ENTRY.LESSON_ID.eq(lesson).and(ENTRY.KIND.in(name.kinds)));
    }

    boolean has(String sha256) {
        return db.fetchExists(ATTACHMENT, ATTACHMENT.SHA256.eq(sha256));
    }

    Optional<Attachment> find(String sha256) {
        return db.select(ATTACHMENT.SHA256, ATTACHMENT.TYPE, ATTACHMENT.CONTENT)
                .from(ATTACHMENT)
                .where(ATTACHMENT.SHA256.eq(sha256))
                .fetchOptional(AttachmentRepository::attachment);
    }

    /** Whether it was not there. */
    boolean add(Attachment a, Instant at) {
        return db.insertInto(ATTACHMENT)
                        .set(ATTACHMENT.YARD_ID, YardScope.viewer().yard())
                        .set(ATTACHMENT.SHA256, a.sha256())
                        .set(ATTACHMENT.TYPE, a.type().name())
                        .set(ATTACHMENT.BYTES, a.content().length)
                        .set(ATTACHMENT.CONTENT, a.content())
                        .set(ATTACHMENT.ADDED_BY, YardScope.viewer().person())
                        .set(ATTACHMENT.ADDED_AT, at)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    AttachmentUse use(long mostBytes) {
        return db.select(DSL.count(), DSL.coalesce(DSL.sum(ATTACHMENT.BYTES), DSL.inline(0)))
                .from(ATTACHMENT)
                .where(ATTACHMENT.YARD_ID.eq(YardScope.viewer().yard()))
                .fetchSingle(r -> new AttachmentUse(r.value1(), r.value2().longValue(), mostBytes));
    }

    /** The one an entry of this lesson names; empty where none does, or it is gone. */
    Optional<Attachment> ofLesson(UUID lesson, String sha256) {
        return db.select(ATTACHMENT.SHA256, ATTACHMENT.TYPE, ATTACHMENT.CONTENT)
                .from(ATTACHMENT)
                .where(ATTACHMENT.SHA256.eq(sha256).and(ATTACHMENT.SHA256.in(namedIn(lesson))))
                .fetchOptional(AttachmentRepository::attachment);
    }

    /** All that entries of this lesson name, in the order of their digests. */
    List<Attachment> ofLesson(UUID lesson) {
        return db.select(ATTACHMENT.SHA256, ATTACHMENT.TYPE, ATTACHMENT.CONTENT)
                .from(ATTACHMENT)
                .where(ATTACHMENT.SHA256.in(namedIn(lesson)))
                .orderBy(ATTACHMENT.SHA256)
                .fetch(AttachmentRepository::attachment);
    }

    private static Select<Record1<String>> namedIn(UUID lesson) {
        return Arrays.stream(Name.values())
                .<Select<Record1<String>>>map(name -> named(name, lesson))
                .reduce(Select::unionAll)
                .orElseThrow();
    }

    private static Attachment attachment(Record3<String, String, byte[]> r) {
        return new Attachment(r.value1(), AttachmentType.valueOf(r.value2()), r.value3());
    }

    /** Removes what this rider's entries name of a subject. */
    void removeOf(UUID rider, ConsentSubject subject) {
        Arrays.stream(Name.values())
                .filter(name -> name.subject == subject)
                .forEach(name -> db.deleteFrom(ATTACHMENT)
                        .where(ATTACHMENT.SHA256.in(DSL.select(sha256(name))
                                .from(ENTRY)
                                .join(LESSON)
                                .on(LESSON.ID.eq(ENTRY.LESSON_ID))
                                .join(PAIR)
                                .on(PAIR.ID.eq(LESSON.PAIR_ID))
                                .where(PAIR.RIDER_ID.eq(rider).and(ENTRY.KIND.in(name.kinds)))))
                        .execute());
    }
}
