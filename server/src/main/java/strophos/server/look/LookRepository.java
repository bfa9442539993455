package strophos.server.look;

import static strophos.server.db.Tables.FOCUS_CHOICE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LOOKED;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.Record3;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Footing;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusKind;
import strophos.core.record.Ride;
import strophos.core.welfare.GroundAndWeather;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.LookedRecord;
import strophos.server.sql.Binds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** First looks as the log tells them, and what the coach chose against them. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class LookRepository {

    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    /** As text: a list of rows within a row holds them so. */
    private static final Field<String> CHECKS = LOOKED.CHECKS.cast(String.class);

    /** Lessons of a pair, beside the one that a statement is about. */
    private static final strophos.server.db.tables.Lesson OF_PAIR = LESSON.as("of_pair");

    /** The last looks at a pair are among those of so many lessons, planned ones included. */
    private static final int LESSONS_BACK = 100;

    private final DSLContext db;
    private final JsonMapper json;

    LookRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** Part of the projection: of each of these lessons the last look of the log, or none; those of which something was written. */
    public Set<UUID> replace(Map<UUID, List<Ride.Look>> looks) {
        Map<UUID, LookedRecord> before = db.selectFrom(LOOKED)
                .where(Binds.isAnyOf(LOOKED.LESSON_ID, looks.keySet()))
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
        row.setChecks(JSONB.valueOf(json.writeValueAsString(all(last.seen().plain()))));
        return row;
    }

    private boolean isAlike(LookedRecord a, LookedRecord b) {
        return a.getEntryId().equals(b.getEntryId())
                && a.getAuthorId().equals(b.getAuthorId())
                && a.getAt().equals(b.getAt())
                && made(a.getChecks()).equals(made(b.getChecks()));
    }

    /** The checks that were made: an earlier version knew fewer, and wrote null for those of its own that were not. */
    private Map<String, Object> made(JSONB checks) {
        Map<String, Object> made = new HashMap<>(json.readValue(checks.data(), OBJECT));
        made.values().removeIf(Objects::isNull);
        return made;
    }

    /** Ground and weather of the lesson that a statement is about; to be read with {@link #day}. */
    static final List<Field<?>> DAY =
            List.of(RIDDEN_LESSON.FOOTING, RIDDEN_LESSON.TEMPERATURE_C, RIDDEN_LESSON.HUMIDITY_PCT);

    static GroundAndWeather day(Record lesson) {
        return new GroundAndWeather(
                Optional.ofNullable(lesson.get(RIDDEN_LESSON.FOOTING)).map(Footing::valueOf),
                whole(lesson.get(RIDDEN_LESSON.TEMPERATURE_C)),
                whole(lesson.get(RIDDEN_LESSON.HUMIDITY_PCT)));
    }

    private static OptionalInt whole(Short value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }

    /** The look of the lesson that a statement is about; empty when there is none. */
    Field<Optional<StoredLook>> looked() {
        return DSL.multiset(DSL.select(LOOKED.LESSON_ID, LOOKED.AT, CHECKS)
                        .from(LOOKED)
                        .where(LOOKED.YARD_ID.eq(LESSON.YARD_ID).and(LOOKED.LESSON_ID.eq(LESSON.ID))))
                .convertFrom(rows -> rows.stream().findFirst().map(this::looked));
    }

    /** The latest choice against that look; empty when there is none. */
    Field<Optional<FocusChoice>> chosen() {
        return DSL.multiset(DSL.select(
                                FOCUS_CHOICE.ID,
                                FOCUS_CHOICE.CHOSEN,
                                FOCUS_CHOICE.ADVISED,
                                FOCUS_CHOICE.REASON,
                                PERSON.NAME,
                                FOCUS_CHOICE.CHOSEN_AT)
                        .from(FOCUS_CHOICE)
                        .join(PERSON)
                        .on(PERSON.YARD_ID.eq(FOCUS_CHOICE.YARD_ID).and(PERSON.ID.eq(FOCUS_CHOICE.CHOSEN_BY)))
                        .where(FOCUS_CHOICE.YARD_ID.eq(LESSON.YARD_ID).and(FOCUS_CHOICE.LESSON_ID.eq(LESSON.ID)))
                        .orderBy(FOCUS_CHOICE.CHOSEN_AT.desc(), FOCUS_CHOICE.ID.desc())
                        .limit(1))
                .convertFrom(rows -> rows.stream()
                        .findFirst()
                        .map(r -> new FocusChoice(
                                r.value1(), kinds(r.value2()), kinds(r.value3()), r.value4(), r.value5(), r.value6())));
    }

    /** The last looks at this pair before this time, the latest first. */
    public Field<List<StoredLook>> before(UUID pair, Instant at, UUID notLesson, int most) {
        return last(OF_PAIR.PAIR_ID.eq(pair), LOOKED.AT.lt(at).and(LOOKED.LESSON_ID.ne(notLesson)), most);
    }

    /** The last looks at the pair that a statement is about, the latest first. */
    public Field<List<StoredLook>> lastOfPair(int most) {
        return last(OF_PAIR.YARD_ID.eq(PAIR.YARD_ID).and(OF_PAIR.PAIR_ID.eq(PAIR.ID)), DSL.noCondition(), most);
    }

    /** From the pair's own lessons: by time alone all looks of the yard would be gone through for those of a pair that has few. */
    private Field<List<StoredLook>> last(Condition ofPair, Condition which, int most) {
        var lessons = DSL.select(OF_PAIR.YARD_ID, OF_PAIR.ID)
                .from(OF_PAIR)
                .where(ofPair)
                .orderBy(OF_PAIR.PLANNED_AT.desc())
                .limit(LESSONS_BACK)
                .asTable("lessons");
        return DSL.multiset(DSL.select(LOOKED.LESSON_ID, LOOKED.AT, CHECKS)
                        .from(lessons)
                        .join(LOOKED)
                        .on(LOOKED.YARD_ID.eq(lessons.field(OF_PAIR.YARD_ID)))
                        .and(LOOKED.LESSON_ID.eq(lessons.field(OF_PAIR.ID)))
                        .where(which)
                        .orderBy(LOOKED.AT.desc())
                        .limit(most))
                .convertFrom(rows -> rows.map(this::looked));
    }

    /** The last looks at each of these pairs, the latest first. */
    public Map<UUID, List<StoredLook>> last(Collection<UUID> pairs, int most) {
        Field<List<StoredLook>> looks = lastOfPair(most);
        return db.select(PAIR.ID, looks)
                .from(PAIR)
                .where(Binds.isAnyOf(PAIR.ID, pairs))
                .fetchMap(PAIR.ID, looks);
    }

    /** With null for those that were not made. */
    private static Map<String, Object> all(Map<String, Object> made) {
        Map<String, Object> checks = new LinkedHashMap<>();
        FirstLook.FIELDS.forEach(name -> checks.put(name, null));
        checks.putAll(made);
        return checks;
    }

    private StoredLook looked(Record3<UUID, Instant, String> r) {
        return new StoredLook(r.value1(), r.value2(), all(json.readValue(r.value3(), OBJECT)));
    }

    private static List<FocusKind> kinds(String[] names) {
        return Arrays.stream(names).map(FocusKind::valueOf).toList();
    }

    /** @param evidence the focus as it stood, as JSON */
    public void choose(UUID lesson, FocusChoice choice, String book, String evidence) {
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
