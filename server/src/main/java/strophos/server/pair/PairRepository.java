package strophos.server.pair;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.RIDDEN_OBSERVED;
import static strophos.server.db.Tables.YARD;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.cause.Told;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;
import strophos.core.progress.Ask;
import strophos.core.progress.Observed;
import strophos.core.school.School;
import strophos.core.stair.PairRecord;
import strophos.core.stair.RungId;
import strophos.server.access.Role;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.db.tables.records.RiddenObservedRecord;

/** Pairs and what they rode. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class PairRepository {

    private final DSLContext db;
    private final Supplier<UUID> ids;
    private final Clock clock;

    PairRepository(DSLContext db, Supplier<UUID> ids, Clock clock) {
        this.db = db;
        this.ids = ids;
        this.clock = clock;
    }

    /** A pair as named on a card. */
    public record Named(
            UUID id,
            UUID riderId,
            UUID horseId,
            String rider,
            String horse,
            String description,
            School school,
            String goal) {}

    /** A lesson that was begun. */
    public record LessonLine(
            UUID id, Instant startedAt, @CanBeNull Instant endedAt, int exchanges, long leftMs, long rightMs) {}

    public UUID add(NewPair pair) {
        if (pair.riderId() != null) {
            return addFor(pair.riderId(), pair);
        }
        UUID rider = ids.get();
        db.insertInto(PERSON, PERSON.YARD_ID, PERSON.ID, PERSON.NAME, PERSON.ROLE, PERSON.CREATED_AT)
                .values(yard(), rider, pair.rider(), Role.RIDER.name(), clock.instant())
                .execute();
        return addFor(rider, pair);
    }

    /** Whether there is a rider of this id. */
    boolean isRider(UUID id) {
        return db.fetchExists(
                db.selectOne().from(PERSON).where(PERSON.ID.eq(id).and(PERSON.ROLE.eq(Role.RIDER.name()))));
    }

    /** Whether there is a horse of this id. */
    public boolean isHorse(UUID id) {
        return db.fetchExists(db.selectOne().from(HORSE).where(HORSE.ID.eq(id)));
    }

    /** Whether this rider and this horse are a pair already. */
    boolean isPair(UUID rider, UUID horse) {
        return db.fetchExists(
                db.selectOne().from(PAIR).where(PAIR.RIDER_ID.eq(rider).and(PAIR.HORSE_ID.eq(horse))));
    }

    /** Pairs a rider who is known already with a horse that is known, or begins here. */
    public UUID addFor(UUID rider, NewPair pair) {
        UUID horse = pair.horseId() == null ? addHorse(pair) : pair.horseId();
        UUID id = ids.get();
        db.insertInto(
                        PAIR,
                        PAIR.YARD_ID,
                        PAIR.ID,
                        PAIR.RIDER_ID,
                        PAIR.HORSE_ID,
                        PAIR.SCHOOL,
                        PAIR.GOAL,
                        PAIR.CREATED_AT)
                .values(yard(), id, rider, horse, pair.school().name(), pair.goal(), clock.instant())
                .execute();
        return id;
    }

    private UUID addHorse(NewPair pair) {
        UUID horse = ids.get();
        db.insertInto(HORSE, HORSE.YARD_ID, HORSE.ID, HORSE.NAME, HORSE.DESCRIPTION, HORSE.HEIGHT_CM, HORSE.CREATED_AT)
                .values(yard(), horse, pair.horse(), pair.description(), pair.heightCm(), clock.instant())
                .execute();
        return horse;
    }

    /** The pairs the viewer may see, by horse. */
    public List<Named> findVisible() {
        return visible().orderBy(HORSE.NAME, PAIR.ID).fetch(PairRepository::named);
    }

    /** This pair, if the viewer may see it. */
    public Optional<Named> find(UUID id) {
        return visible(PAIR.ID.eq(id)).fetchOptional(PairRepository::named);
    }

    /** All asks of a pair in order. No end is set by the clock: a device may run ahead of it. */
    public PairRecord record(UUID pair) {
        return record(LESSON.PAIR_ID.eq(pair));
    }

    /** All asks of a pair in order, in lessons that began no later than {@code upTo}. */
    public PairRecord recordUpTo(UUID pair, Instant upTo) {
        return record(LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.le(upTo)));
    }

    /** Lessons first, then their asks by key: a join would be planned badly while the tables are fresh. */
    private PairRecord record(Condition which) {
        ZoneId zone = db.select(YARD.TIME_ZONE).from(YARD).fetchSingle(r -> ZoneId.of(r.value1()));
        Map<UUID, LocalDate> lessons = db.select(LESSON.ID, RIDDEN_LESSON.STARTED_AT)
                .from(LESSON)
                .join(RIDDEN_LESSON)
                .on(RIDDEN_LESSON.YARD_ID.eq(LESSON.YARD_ID).and(RIDDEN_LESSON.LESSON_ID.eq(LESSON.ID)))
                .where(which)
                .orderBy(RIDDEN_LESSON.STARTED_AT, LESSON.ID)
                .fetchMap(r -> r.value1(), r -> dayOf(r.value2(), zone));
        Map<UUID, List<PairRecord.Ridden>> byLesson = db.select(
                        RIDDEN_EXCHANGE.LESSON_ID,
                        RIDDEN_EXCHANGE.ENTRY_ID,
                        RIDDEN_EXCHANGE.AT,
                        RIDDEN_EXCHANGE.EXERCISE,
                        RIDDEN_EXCHANGE.GAIT,
                        RIDDEN_EXCHANGE.PLACE,
                        RIDDEN_EXCHANGE.REIN,
                        RIDDEN_EXCHANGE.MOUNTED,
                        RIDDEN_EXCHANGE.STRENGTH,
                        RIDDEN_EXCHANGE.RESPONSE)
                .from(DSL.unnest(lessons.keySet().toArray(UUID[]::new)).as("of_pair", "lesson_id"))
                .join(RIDDEN_EXCHANGE)
                .on(RIDDEN_EXCHANGE
                        .YARD_ID
                        .eq(yard())
                        .and(RIDDEN_EXCHANGE.LESSON_ID.eq(DSL.field(DSL.name("of_pair", "lesson_id"), UUID.class))))
                .orderBy(RIDDEN_EXCHANGE.LESSON_ID, RIDDEN_EXCHANGE.ORD)
                .fetchGroups(RIDDEN_EXCHANGE.LESSON_ID, r -> ridden(r, lessons.get(r.get(RIDDEN_EXCHANGE.LESSON_ID))));
        return new PairRecord(
                lessons.keySet().stream()
                        .flatMap(l -> byLesson.getOrDefault(l, List.of()).stream())
                        .toList(),
                noticed(lessons));
    }

    private List<PairRecord.Noticed> noticed(Map<UUID, LocalDate> lessons) {
        Map<UUID, List<PairRecord.Noticed>> byLesson = db.selectFrom(RIDDEN_OBSERVED)
                .where(RIDDEN_OBSERVED.LESSON_ID.in(lessons.keySet()))
                .orderBy(RIDDEN_OBSERVED.LESSON_ID, RIDDEN_OBSERVED.ORD)
                .fetchGroups(
                        RIDDEN_OBSERVED.LESSON_ID,
                        r -> new PairRecord.Noticed(
                                r.getLessonId().toString(),
                                lessons.get(r.getLessonId()),
                                new RungId(r.getExercise(), Gait.of(r.getGait()), Place.of(r.getPlace())),
                                observed(r)));
        return lessons.keySet().stream()
                .flatMap(l -> byLesson.getOrDefault(l, List.of()).stream())
                .toList();
    }

    private static Observed observed(RiddenObservedRecord r) {
        String entry = r.getEntryId().toString();
        Rein rein = Rein.valueOf(r.getRein());
        return switch (r.getKind()) {
            case "HELD" -> new Observed.Held(entry, rein, HoldUnit.valueOf(r.getUnit()), r.getAmount());
            case "FAULT" -> new Observed.Fault(entry, rein, r.getName());
            default -> new Observed.Fright(entry, rein);
        };
    }

    /** What the rider did in these lessons, as marked, by lesson. */
    public Map<UUID, List<Told.Mark>> factors(Collection<UUID> lessons) {
        return db.select(RIDDEN_FACTOR.LESSON_ID, RIDDEN_FACTOR.FACTOR, RIDDEN_FACTOR.AT)
                .from(RIDDEN_FACTOR)
                .where(RIDDEN_FACTOR.LESSON_ID.in(lessons))
                .orderBy(RIDDEN_FACTOR.LESSON_ID, RIDDEN_FACTOR.ORD)
                .fetchGroups(
                        RIDDEN_FACTOR.LESSON_ID,
                        r -> new Told.Mark(r.value2(), r.value3().toEpochMilli()));
    }

    /** The lessons of a pair that were begun, the latest first. */
    public List<LessonLine> lessons(UUID pair) {
        return db.select(
                        LESSON.ID,
                        RIDDEN_LESSON.STARTED_AT,
                        RIDDEN_LESSON.ENDED_AT,
                        RIDDEN_LESSON.EXCHANGES,
                        RIDDEN_LESSON.LEFT_MS,
                        RIDDEN_LESSON.RIGHT_MS)
                .from(LESSON)
                .join(RIDDEN_LESSON)
                .on(RIDDEN_LESSON.YARD_ID.eq(LESSON.YARD_ID).and(RIDDEN_LESSON.LESSON_ID.eq(LESSON.ID)))
                .where(LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc())
                .fetch(r -> new LessonLine(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6()));
    }

    /** A lesson that was recorded without a start lies on no day; nothing is ridden before 1970. */
    private static LocalDate dayOf(@CanBeNull Instant startedAt, ZoneId zone) {
        return LocalDate.ofInstant(startedAt == null ? Instant.EPOCH : startedAt, zone);
    }

    private static PairRecord.Ridden ridden(Record r, LocalDate day) {
        RungId rung = new RungId(
                r.get(RIDDEN_EXCHANGE.EXERCISE),
                Gait.of(r.get(RIDDEN_EXCHANGE.GAIT)),
                Place.of(r.get(RIDDEN_EXCHANGE.PLACE)));
        Ask ask = new Ask(
                r.get(RIDDEN_EXCHANGE.ENTRY_ID).toString(),
                r.get(RIDDEN_EXCHANGE.AT).toEpochMilli(),
                Rein.valueOf(r.get(RIDDEN_EXCHANGE.REIN)),
                Mounted.valueOf(r.get(RIDDEN_EXCHANGE.MOUNTED)),
                Strength.ofLevel(r.get(RIDDEN_EXCHANGE.STRENGTH)).orElseThrow(),
                Response.valueOf(r.get(RIDDEN_EXCHANGE.RESPONSE)));
        return new PairRecord.Ridden(r.get(RIDDEN_EXCHANGE.LESSON_ID).toString(), day, rung, ask);
    }

    private SelectConditionStep<? extends Record> visible(Condition... more) {
        return db.select(
                        PAIR.ID,
                        PAIR.RIDER_ID,
                        PAIR.HORSE_ID,
                        PERSON.NAME,
                        HORSE.NAME,
                        HORSE.DESCRIPTION,
                        PAIR.SCHOOL,
                        PAIR.GOAL)
                .from(PAIR)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(VisiblePairs.to(YardScope.viewer()))
                .and(DSL.and(more));
    }

    private static Named named(Record r) {
        return new Named(
                r.get(PAIR.ID),
                r.get(PAIR.RIDER_ID),
                r.get(PAIR.HORSE_ID),
                r.get(PERSON.NAME),
                r.get(HORSE.NAME),
                r.get(HORSE.DESCRIPTION),
                School.valueOf(r.get(PAIR.SCHOOL)),
                r.get(PAIR.GOAL));
    }

    private static UUID yard() {
        return YardScope.viewer().yard();
    }
}
