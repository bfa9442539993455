package strophos.server.ground;

import static strophos.server.db.Tables.ARENA;
import static strophos.server.db.Tables.LAYOUT;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.LESSON_GROUND;
import static strophos.server.db.Tables.OWN_PACE;
import static strophos.server.db.Tables.PERSON;

import java.io.InputStream;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.SelectJoinStep;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.arena.Arena;
import strophos.core.arena.Shape;
import strophos.core.setout.OwnPace;
import strophos.core.stride.Pace;
import strophos.core.stride.Variant;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.ArenaRecord;
import strophos.server.db.tables.records.LayoutRecord;
import strophos.server.db.tables.records.LessonGroundRecord;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A yard's arenas and set-ups, and how long its people's paces are. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class GroundRepository {

    /** So many arenas a yard has, put away or not. */
    static final int MOST_ARENAS = 40;

    /** So many set-ups. */
    static final int MOST_LAYOUTS = 200;

    private static final TypeReference<List<WantedArena.Landmark>> LANDMARKS = new TypeReference<>() {};
    private static final TypeReference<List<WantedThing>> THINGS = new TypeReference<>() {};

    // as text: inside of a list of rows it comes as JSON once more
    private static final Field<String> LESSON_THINGS =
            LESSON_GROUND.THINGS.cast(SQLDataType.CLOB).as("lesson_things");
    private static final Field<String> LANDMARKS_TEXT =
            ARENA.LANDMARKS.cast(SQLDataType.CLOB).as("landmarks_text");

    private final DSLContext db;
    private final JsonMapper json;

    GroundRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** By name, those put away last. */
    List<StoredArena> arenas() {
        return db.selectFrom(ARENA)
                .orderBy(ARENA.IS_PUT_AWAY, ARENA.NAME, ARENA.ID)
                .limit(MOST_ARENAS)
                .fetch(this::arena);
    }

    Optional<StoredArena> arena(UUID id) {
        return db.selectFrom(ARENA).where(ARENA.ID.eq(id)).fetchOptional(this::arena);
    }

    private StoredArena arena(ArenaRecord r) {
        return new StoredArena(
                r.getId(), r.getVersion(), wanted(r, r.getLandmarks().data()), r.getIsPutAway());
    }

    private WantedArena wanted(Record r, String landmarks) {
        return new WantedArena(
                r.get(ARENA.NAME),
                Shape.valueOf(r.get(ARENA.SHAPE)),
                r.get(ARENA.WIDTH_M),
                r.get(ARENA.LENGTH_M),
                r.get(ARENA.SLOPE_PCT),
                r.get(ARENA.IS_LETTERED),
                json.readValue(landmarks, LANDMARKS));
    }

    int countArenas() {
        return db.fetchCount(ARENA);
    }

    /** Whether the arena was at this version (0: not there) and is now this. */
    boolean change(UUID id, int version, WantedArena a, boolean isPutAway, Instant at) {
        ArenaRecord row = db.newRecord(ARENA);
        row.setName(a.name());
        row.setShape(a.shape().name());
        row.setWidthM(a.widthM());
        row.setLengthM(a.lengthM());
        row.setSlopePct(a.slopePct());
        row.setIsLettered(a.isLettered());
        row.setLandmarks(JSONB.valueOf(json.writeValueAsString(a.landmarks())));
        row.setIsPutAway(isPutAway);
        row.setVersion(version + 1);
        row.setChangedBy(YardScope.viewer().person());
        row.setChangedAt(at);
        if (version > 0) {
            return db.update(ARENA)
                            .set(row)
                            .where(ARENA.ID.eq(id).and(ARENA.VERSION.eq(version)))
                            .execute()
                    == 1;
        }
        row.setYardId(YardScope.viewer().yard());
        row.setId(id);
        return db.insertInto(ARENA).set(row).onConflictDoNothing().execute() == 1;
    }

    /** By name, those put away last. */
    List<StoredLayout> layouts() {
        return selectLayouts()
                .orderBy(LAYOUT.IS_PUT_AWAY, LAYOUT.NAME, LAYOUT.ID)
                .limit(MOST_LAYOUTS)
                .fetch(this::layout);
    }

    Optional<StoredLayout> layout(UUID id) {
        return selectLayouts().where(LAYOUT.ID.eq(id)).fetchOptional(this::layout);
    }

    private SelectJoinStep<? extends Record> selectLayouts() {
        return db.select(
                        LAYOUT.ID,
                        LAYOUT.VERSION,
                        LAYOUT.NAME,
                        LAYOUT.ARENA_ID,
                        LAYOUT.STANDARD,
                        LAYOUT.THINGS,
                        LAYOUT.IS_PUT_AWAY,
                        PERSON.NAME,
                        LAYOUT.CHANGED_AT)
                .from(LAYOUT)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(LAYOUT.YARD_ID).and(PERSON.ID.eq(LAYOUT.CHANGED_BY)));
    }

    private StoredLayout layout(Record r) {
        UUID arena = r.get(LAYOUT.ARENA_ID);
        return new StoredLayout(
                r.get(LAYOUT.ID),
                r.get(LAYOUT.VERSION),
                r.get(LAYOUT.NAME),
                arena == null ? r.get(LAYOUT.STANDARD) : arena.toString(),
                json.readValue(r.get(LAYOUT.THINGS).data(), THINGS),
                r.get(LAYOUT.IS_PUT_AWAY),
                r.get(PERSON.NAME),
                r.get(LAYOUT.CHANGED_AT));
    }

    /** What stands in the lesson that a statement is about; empty when nothing does. */
    Field<Optional<StoredLessonGround>> ofLesson() {
        return DSL.multiset(selectLessonGround()
                        .where(LESSON_GROUND.YARD_ID.eq(LESSON.YARD_ID).and(LESSON_GROUND.LESSON_ID.eq(LESSON.ID))))
                .convertFrom(rows -> rows.stream().findFirst().map(this::lessonGround));
    }

    /** The arena of a lesson that was found to be visible; empty where nobody said which. */
    Optional<Arena> arenaOf(UUID lesson) {
        return db.fetchOptional(selectLessonGround().where(LESSON_GROUND.LESSON_ID.eq(lesson)))
                .map(this::lessonGround)
                .map(StoredLessonGround::arena);
    }

    /** A lesson of which nobody has said so yet is ridden in the large arena, with nothing on it. */
    public void rideInTheLargeOne(UUID lesson, Instant at) {
        change(lesson, 0, null, Standard.STANDARD, new LessonSetUp(Pace.TROT, Variant.WORKING, List.of()), at);
    }

    private static SelectJoinStep<? extends Record> selectLessonGround() {
        return DSL.select(
                        LESSON_GROUND.VERSION,
                        LESSON_GROUND.ARENA_ID,
                        LESSON_GROUND.STANDARD,
                        LESSON_GROUND.PACE,
                        LESSON_GROUND.VARIANT,
                        LESSON_THINGS,
                        ARENA.NAME,
                        ARENA.SHAPE,
                        ARENA.WIDTH_M,
                        ARENA.LENGTH_M,
                        ARENA.SLOPE_PCT,
                        ARENA.IS_LETTERED,
                        LANDMARKS_TEXT)
                .from(LESSON_GROUND)
                .leftJoin(ARENA)
                .on(ARENA.YARD_ID.eq(LESSON_GROUND.YARD_ID).and(ARENA.ID.eq(LESSON_GROUND.ARENA_ID)));
    }

    private StoredLessonGround lessonGround(Record r) {
        UUID arena = r.get(LESSON_GROUND.ARENA_ID);
        return new StoredLessonGround(
                r.get(LESSON_GROUND.VERSION),
                arena == null ? r.get(LESSON_GROUND.STANDARD) : arena.toString(),
                r.get(ARENA.NAME),
                arena == null
                        ? Standard.valueOf(r.get(LESSON_GROUND.STANDARD)).arena()
                        : wanted(r, r.get(LANDMARKS_TEXT)).arena(),
                Pace.valueOf(r.get(LESSON_GROUND.PACE)),
                Variant.valueOf(r.get(LESSON_GROUND.VARIANT)),
                json.readValue(r.get(LESSON_THINGS), THINGS));
    }

    /** Whether the lesson's ground was at this version (0: nothing stood) and is now this. */
    boolean change(UUID lesson, int version, UUID arena, Standard standard, LessonSetUp wanted, Instant at) {
        LessonGroundRecord row = db.newRecord(LESSON_GROUND);
        row.setArenaId(arena);
        row.setStandard(standard == null ? null : standard.name());
        row.setPace(wanted.pace().name());
        row.setVariant(wanted.variant().name());
        row.setThings(JSONB.valueOf(json.writeValueAsString(wanted.things())));
        row.setVersion(version + 1);
        row.setChangedBy(YardScope.viewer().person());
        row.setChangedAt(at);
        if (version > 0) {
            return db.update(LESSON_GROUND)
                            .set(row)
                            .where(LESSON_GROUND.LESSON_ID.eq(lesson).and(LESSON_GROUND.VERSION.eq(version)))
                            .execute()
                    == 1;
        }
        row.setYardId(YardScope.viewer().yard());
        row.setLessonId(lesson);
        return db.insertInto(LESSON_GROUND).set(row).onConflictDoNothing().execute() == 1;
    }

    int countLayouts() {
        return db.fetchCount(LAYOUT);
    }

    /**
     * Whether the set-up was at this version (0: not there) and is now this.
     *
     * @param arena of the yard; null for a standard one
     */
    boolean change(
            UUID id,
            int version,
            String name,
            UUID arena,
            Standard standard,
            List<WantedThing> things,
            boolean isPutAway,
            Instant at) {
        LayoutRecord row = db.newRecord(LAYOUT);
        row.setName(name);
        row.setArenaId(arena);
        row.setStandard(standard == null ? null : standard.name());
        row.setThings(JSONB.valueOf(json.writeValueAsString(things)));
        row.setIsPutAway(isPutAway);
        row.setVersion(version + 1);
        row.setChangedBy(YardScope.viewer().person());
        row.setChangedAt(at);
        if (version > 0) {
            return db.update(LAYOUT)
                            .set(row)
                            .where(LAYOUT.ID.eq(id).and(LAYOUT.VERSION.eq(version)))
                            .execute()
                    == 1;
        }
        row.setYardId(YardScope.viewer().yard());
        row.setId(id);
        return db.insertInto(LAYOUT).set(row).onConflictDoNothing().execute() == 1;
    }

    /** What a yard may begin with: arenas, and set-ups on them by the arena's name or the name of a standard one. */
    public void begin(InputStream file, Supplier<UUID> ids, Instant at) {
        Beginning all = json.readValue(file, Beginning.class);
        Map<String, UUID> arenas = new HashMap<>();
        for (WantedArena arena : all.arenas()) {
            UUID id = ids.get();
            arenas.put(arena.name(), id);
            change(id, 0, arena, false, at);
        }
        for (FirstLayout l : all.layouts()) {
            change(
                    ids.get(),
                    0,
                    l.name(),
                    arenas.get(l.arena()),
                    Standard.of(l.arena()).orElse(null),
                    l.things(),
                    false,
                    at);
        }
    }

    private record Beginning(List<WantedArena> arenas, List<FirstLayout> layouts) {}

    private record FirstLayout(String name, String arena, List<WantedThing> things) {}

    /** Of the one who acts; empty where nobody walked. */
    Optional<OwnPace> pace() {
        return db.select(OWN_PACE.LENGTH_M, OWN_PACE.PACES)
                .from(OWN_PACE)
                .where(OWN_PACE.PERSON_ID.eq(YardScope.viewer().person()))
                .fetchOptional(r -> OwnPace.walked(r.value1().doubleValue(), r.value2()));
    }

    void walked(BigDecimal lengthM, int paces, Instant at) {
        db.insertInto(OWN_PACE)
                .set(OWN_PACE.YARD_ID, YardScope.viewer().yard())
                .set(OWN_PACE.PERSON_ID, YardScope.viewer().person())
                .set(OWN_PACE.LENGTH_M, lengthM)
                .set(OWN_PACE.PACES, paces)
                .set(OWN_PACE.WALKED_AT, at)
                .onConflict(OWN_PACE.YARD_ID, OWN_PACE.PERSON_ID)
                .doUpdate()
                .set(OWN_PACE.LENGTH_M, lengthM)
                .set(OWN_PACE.PACES, paces)
                .set(OWN_PACE.WALKED_AT, at)
                .execute();
    }
}
