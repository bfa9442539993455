package strophos.server.look;

import static strophos.server.db.Tables.FOCUS_CHOICE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LOOKED;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusKind;
import strophos.core.record.PayloadReader;
import strophos.core.record.Ride;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** First looks as the log tells them, and what the coach chose against them. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class LookRepository {

    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper json;

    LookRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /**
     * A look of a lesson.
     *
     * @param checks as in the payload of a first look, with null for a check that was not made
     */
    public record Looked(UUID lesson, Instant at, Map<String, Object> checks) {

        /** The look these checks tell; they were bounded when they were read. */
        public FirstLook look() {
            return PayloadReader.look(checks).orElseThrow();
        }
    }

    /** A choice beside what was advised. */
    public record Chosen(
            UUID id,
            List<FocusKind> chosen,
            List<FocusKind> advised,
            @CanBeNull String reason,
            String by,
            Instant at) {}

    /** Part of the projection: the last look of the log, or none. */
    public void replace(UUID lesson, List<Ride.Look> looks) {
        db.deleteFrom(LOOKED).where(LOOKED.LESSON_ID.eq(lesson)).execute();
        if (looks.isEmpty()) {
            return;
        }
        Ride.Look last = looks.get(looks.size() - 1);
        db.insertInto(LOOKED)
                .set(LOOKED.YARD_ID, YardScope.viewer().yard())
                .set(LOOKED.LESSON_ID, lesson)
                .set(LOOKED.ENTRY_ID, UUID.fromString(last.id()))
                .set(LOOKED.AUTHOR_ID, UUID.fromString(last.author()))
                .set(LOOKED.AT, Instant.ofEpochMilli(last.atMs()))
                .set(LOOKED.CHECKS, JSONB.valueOf(json.writeValueAsString(checks(last.seen()))))
                .execute();
    }

    public Optional<Looked> find(UUID lesson) {
        return db.selectFrom(LOOKED)
                .where(LOOKED.LESSON_ID.eq(lesson))
                .fetchOptional(r -> looked(r.getLessonId(), r.getAt(), r.getChecks()));
    }

    /** The last looks at this pair before this time, the latest first. */
    public List<Looked> before(UUID pair, Instant at, UUID notLesson, int most) {
        return db.select(LOOKED.LESSON_ID, LOOKED.AT, LOOKED.CHECKS)
                .from(LOOKED)
                .join(LESSON)
                .on(LESSON.YARD_ID.eq(LOOKED.YARD_ID).and(LESSON.ID.eq(LOOKED.LESSON_ID)))
                .where(LESSON.PAIR_ID.eq(pair).and(LOOKED.AT.lt(at)).and(LOOKED.LESSON_ID.ne(notLesson)))
                .orderBy(LOOKED.AT.desc())
                .limit(most)
                .fetch(r -> looked(r.value1(), r.value2(), r.value3()));
    }

    private static Map<String, Object> checks(FirstLook look) {
        Map<String, Object> checks = new LinkedHashMap<>();
        FirstLook.FIELDS.forEach(name -> checks.put(name, null));
        checks.putAll(look.plain());
        return checks;
    }

    private Looked looked(UUID lesson, Instant at, JSONB checks) {
        return new Looked(lesson, at, json.readValue(checks.data(), OBJECT));
    }

    /** The latest choice of a lesson. */
    public Optional<Chosen> choice(UUID lesson) {
        return db.select(FOCUS_CHOICE.asterisk(), PERSON.NAME)
                .from(FOCUS_CHOICE)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(FOCUS_CHOICE.YARD_ID).and(PERSON.ID.eq(FOCUS_CHOICE.CHOSEN_BY)))
                .where(FOCUS_CHOICE.LESSON_ID.eq(lesson))
                .orderBy(FOCUS_CHOICE.CHOSEN_AT.desc(), FOCUS_CHOICE.ID.desc())
                .limit(1)
                .fetchOptional(r -> new Chosen(
                        r.get(FOCUS_CHOICE.ID),
                        kinds(r.get(FOCUS_CHOICE.CHOSEN)),
                        kinds(r.get(FOCUS_CHOICE.ADVISED)),
                        r.get(FOCUS_CHOICE.REASON),
                        r.get(PERSON.NAME),
                        r.get(FOCUS_CHOICE.CHOSEN_AT)));
    }

    private static List<FocusKind> kinds(String[] names) {
        return Arrays.stream(names).map(FocusKind::valueOf).toList();
    }

    /** @param evidence the focus as it stood, as JSON */
    public void choose(UUID lesson, Chosen choice, String book, String evidence) {
        db.insertInto(FOCUS_CHOICE)
                .set(FOCUS_CHOICE.YARD_ID, YardScope.viewer().yard())
                .set(FOCUS_CHOICE.ID, choice.id())
                .set(FOCUS_CHOICE.LESSON_ID, lesson)
                .set(FOCUS_CHOICE.CHOSEN, names(choice.chosen()))
                .set(FOCUS_CHOICE.ADVISED, names(choice.advised()))
                .set(FOCUS_CHOICE.RULE_BOOK, book)
                .set(FOCUS_CHOICE.EVIDENCE, JSONB.valueOf(evidence))
                .set(FOCUS_CHOICE.REASON, choice.reason())
                .set(FOCUS_CHOICE.CHOSEN_BY, YardScope.viewer().person())
                .set(FOCUS_CHOICE.CHOSEN_AT, choice.at())
                .onConflictDoNothing()
                .execute();
    }

    private static String[] names(List<FocusKind> kinds) {
        return kinds.stream().map(FocusKind::name).toArray(String[]::new);
    }
}
