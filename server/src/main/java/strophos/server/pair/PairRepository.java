package strophos.server.pair;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.cause.Told;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.school.School;
import strophos.core.stair.RungId;
import strophos.server.access.Role;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.sql.Binds;
import strophos.server.state.LessonKey;

/** Pairs and what they rode. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class PairRepository {

    private static final List<Field<?>> NAMED = List.of(
            PAIR.ID, PAIR.RIDER_ID, PAIR.HORSE_ID, PERSON.NAME, HORSE.NAME, HORSE.DESCRIPTION, PAIR.SCHOOL, PAIR.GOAL);

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

    /** Those of these pairs that the viewer may see, by horse. */
    public List<Named> visible(Collection<UUID> ids) {
        return visible(Binds.isAnyOf(PAIR.ID, ids)).orderBy(HORSE.NAME, PAIR.ID).fetch(PairRepository::named);
    }

    /** The pairs of these horses that the viewer may see, by horse. */
    public List<Named> visibleOf(Collection<UUID> horses) {
        return visible(Binds.isAnyOf(PAIR.HORSE_ID, horses))
                .orderBy(HORSE.NAME, PAIR.ID)
                .fetch(PairRepository::named);
    }

    /** This pair, if the viewer may see it. */
    public Optional<Named> find(UUID id) {
        return visible(PAIR.ID.eq(id)).fetchOptional(PairRepository::named);
    }

    /** A pair in the list: when its last lesson began, or null. */
    public record Listed(Named pair, @CanBeNull Instant lastLessonAt) {}

    /** Where a page of the list goes on: behind this pair. */
    public record Behind(Instant lastLessonAt, String horse, UUID pair) {}

    /** The pairs the viewer may see: whoever was here last comes first, those without a lesson follow by horse. */
    List<Listed> page(Optional<Behind> behind, int most) {
        Field<Instant> began = DSL.field(db.select(RIDDEN_LESSON.STARTED_AT)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON
                        .YARD_ID
                        .eq(PAIR.YARD_ID)
                        .and(RIDDEN_LESSON.PAIR_ID.eq(PAIR.ID))
                        .and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc())
                .limit(1));
        var all = db.select(
                        PAIR.ID,
                        PAIR.YARD_ID,
                        HORSE.NAME,
                        DSL.coalesce(began, Instant.EPOCH).as("last"))
                .from(PAIR)
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(VisiblePairs.to(YardScope.viewer()))
                .asTable("all");
        Field<Instant> last = all.field("last", Instant.class);
        Field<String> horse = all.field(HORSE.NAME);
        Field<UUID> id = all.field(PAIR.ID);
        Condition after = behind.map(b -> last.lt(b.lastLessonAt())
                        .or(last.eq(b.lastLessonAt()).and(DSL.row(horse, id).gt(b.horse(), b.pair()))))
                .orElseGet(DSL::trueCondition);
        return db.select(NAMED)
                .select(last)
                .from(all)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(all.field(PAIR.YARD_ID)).and(PAIR.ID.eq(id)))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(after)
                .orderBy(last.desc(), horse, id)
                .limit(most)
                .fetch(r -> new Listed(named(r), r.get(last).equals(Instant.EPOCH) ? null : r.get(last)));
    }

    /** An ask of a pair's own rider, with what was marked of the rider at it. */
    public List<Told> told(UUID pair, LessonKey upTo, int lessons) {
        var last = DSL.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair))
                .and(RIDDEN_LESSON.STARTED_AT.isNotNull())
                .and(DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID).le(upTo.beganAt(), upTo.lesson()))
                .and(RIDDEN_LESSON.EXCHANGES.gt(0))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(lessons)
                .asTable("last");
        Field<UUID> lesson = last.field(RIDDEN_LESSON.LESSON_ID);
        Map<UUID, List<Told.Mark>> factors = db.select(lesson, RIDDEN_FACTOR.FACTOR, RIDDEN_FACTOR.AT)
                .from(last)
                .join(RIDDEN_FACTOR)
                .on(RIDDEN_FACTOR.LESSON_ID.eq(lesson))
                .orderBy(lesson, RIDDEN_FACTOR.ORD)
                .fetchGroups(
                        r -> r.value1(),
                        r -> new Told.Mark(r.value2(), r.value3().toEpochMilli()));
        return db.select(
                        RIDDEN_EXCHANGE.LESSON_ID,
                        RIDDEN_EXCHANGE.ENTRY_ID,
                        RIDDEN_EXCHANGE.AT,
                        RIDDEN_EXCHANGE.EXERCISE,
                        RIDDEN_EXCHANGE.GAIT,
                        RIDDEN_EXCHANGE.PLACE,
                        RIDDEN_EXCHANGE.REIN,
                        RIDDEN_EXCHANGE.RESPONSE)
                .from(last)
                .join(RIDDEN_EXCHANGE)
                .on(RIDDEN_EXCHANGE.LESSON_ID.eq(lesson))
                .where(RIDDEN_EXCHANGE.MOUNTED.eq(Mounted.RIDER.name()))
                .orderBy(last.field(RIDDEN_LESSON.STARTED_AT), lesson, RIDDEN_EXCHANGE.ORD)
                .fetch(r -> told(r, factors));
    }

    private static Told told(Record r, Map<UUID, List<Told.Mark>> factors) {
        long atMs = r.get(RIDDEN_EXCHANGE.AT).toEpochMilli();
        UUID lesson = r.get(RIDDEN_EXCHANGE.LESSON_ID);
        RungId rung = new RungId(
                r.get(RIDDEN_EXCHANGE.EXERCISE),
                Gait.of(r.get(RIDDEN_EXCHANGE.GAIT)),
                Place.of(r.get(RIDDEN_EXCHANGE.PLACE)));
        return Told.at(
                r.get(RIDDEN_EXCHANGE.ENTRY_ID).toString(),
                lesson.toString(),
                rung + " " + r.get(RIDDEN_EXCHANGE.REIN),
                r.get(RIDDEN_EXCHANGE.RESPONSE).equals(Response.YES.name()),
                atMs,
                atMs,
                factors.getOrDefault(lesson, List.of()));
    }

    /** Lessons of a pair that were begun, the latest first: those before this one, or the last of all. */
    public List<LessonLine> lessons(UUID pair, Optional<LessonKey> before, int most) {
        return db.select(
                        RIDDEN_LESSON.LESSON_ID,
                        RIDDEN_LESSON.STARTED_AT,
                        RIDDEN_LESSON.ENDED_AT,
                        RIDDEN_LESSON.EXCHANGES,
                        RIDDEN_LESSON.LEFT_MS,
                        RIDDEN_LESSON.RIGHT_MS)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .and(before.map(k -> (Condition) DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID)
                                .lt(k.beganAt(), k.lesson()))
                        .orElseGet(DSL::trueCondition))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(most)
                .fetch(r -> new LessonLine(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6()));
    }

    private SelectConditionStep<? extends Record> visible(Condition... more) {
        return db.select(NAMED)
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
