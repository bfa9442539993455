package strophos.server.look;

import static strophos.server.db.Tables.FOCUS_CHOICE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LOOKED;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusKind;
import strophos.core.record.PayloadReader;
import strophos.core.record.Ride;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.db.tables.records.LookedRecord;
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

    /** Part of the projection: of each of these lessons the last look of the log, or none; those of which something was written. */
    public Set<UUID> replace(Map<UUID, List<Ride.Look>> looks) {
        Map<UUID, LookedRecord> before = db.selectFrom(LOOKED)
                .where(LOOKED.LESSON_ID.eq(DSL.any(looks.keySet().toArray(UUID[]::new))))
                .fetchMap(LOOKED.LESSON_ID);
        Set<UUID> changed = new HashSet<>();
        looks.forEach((lesson, all) -> {
            Optional<LookedRecord> now = all.stream().reduce((a, b) -> b).map(last -> row(lesson, last));
            Optional<LookedRecord> old = Optional.ofNullable(before.get(lesson));
            if (old.isPresent() ? now.filter(n -> isAlike(old.get(), n)).isPresent() : now.isEmpty()) {
                return;
            }
            changed.add(lesson);
            db.deleteFrom(LOOKED).where(LOOKED.LESSON_ID.eq(lesson)).execute();
            now.ifPresent(row -> db.insertInto(LOOKED).set(row).execute());
        });
        return changed;
    }

    private LookedRecord row(UUID lesson, Ride.Look last) {
        LookedRecord row = new LookedRecord();
        row.setYardId(YardScope.viewer().yard());
        row.setLessonId(lesson);
        row.setEntryId(UUID.fromString(last.id()));
        row.setAuthorId(UUID.fromString(last.author()));
        row.setAt(Instant.ofEpochMilli(last.atMs()));
        row.setChecks(JSONB.valueOf(json.writeValueAsString(checks(last.seen()))));
        return row;
    }

    private boolean isAlike(LookedRecord a, LookedRecord b) {
        return a.getEntryId().equals(b.getEntryId())
                && a.getAuthorId().equals(b.getAuthorId())
                && a.getAt().equals(b.getAt())
                && json.readTree(a.getChecks().data())
                        .equals(json.readTree(b.getChecks().data()));
    }

    /** A lesson's look, and the latest choice against it. */
    public record OfLesson(Optional<Looked> looked, Optional<Chosen> choice) {}

    public OfLesson find(UUID lesson) {
        var choice = DSL.lateral(DSL.select(FOCUS_CHOICE.fields())
                .select(PERSON.NAME)
                .from(FOCUS_CHOICE)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(FOCUS_CHOICE.YARD_ID).and(PERSON.ID.eq(FOCUS_CHOICE.CHOSEN_BY)))
                .where(FOCUS_CHOICE.LESSON_ID.eq(LESSON.ID))
                .orderBy(FOCUS_CHOICE.CHOSEN_AT.desc(), FOCUS_CHOICE.ID.desc())
                .limit(1)
                .asTable("choice"));
        return db.select(LOOKED.AT, LOOKED.CHECKS)
                .select(choice.fields())
                .from(LESSON)
                .leftJoin(LOOKED)
                .on(LOOKED.YARD_ID.eq(LESSON.YARD_ID).and(LOOKED.LESSON_ID.eq(LESSON.ID)))
                .leftJoin(choice)
                .on(DSL.trueCondition())
                .where(LESSON.ID.eq(lesson))
                .fetchSingle(r -> new OfLesson(
                        Optional.ofNullable(r.get(LOOKED.AT)).map(at -> looked(lesson, at, r.get(LOOKED.CHECKS))),
                        Optional.ofNullable(r.get(choice.field(FOCUS_CHOICE.ID)))
                                .map(id -> new Chosen(
                                        id,
                                        kinds(r.get(choice.field(FOCUS_CHOICE.CHOSEN))),
                                        kinds(r.get(choice.field(FOCUS_CHOICE.ADVISED))),
                                        r.get(choice.field(FOCUS_CHOICE.REASON)),
                                        r.get(choice.field(PERSON.NAME)),
                                        r.get(choice.field(FOCUS_CHOICE.CHOSEN_AT))))));
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
