package strophos.server.intake;

import static strophos.server.db.Tables.HORSE_INTAKE;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PAIR_INTAKE;
import static strophos.server.db.Tables.RIDER_INTAKE;

import java.time.Instant;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;
import tools.jackson.databind.json.JsonMapper;

/** The three intakes of a pair, each with the version under which it is changed. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class IntakeRepository {

    /** Where an intake is kept. */
    private record Shelf(
            Table<?> table,
            TableField<?, UUID> yard,
            TableField<?, UUID> of,
            TableField<?, Integer> version,
            TableField<?, JSONB> body,
            TableField<?, UUID> by,
            TableField<?, Instant> at) {}

    private static final Shelf HORSES = new Shelf(
            HORSE_INTAKE,
            HORSE_INTAKE.YARD_ID,
            HORSE_INTAKE.HORSE_ID,
            HORSE_INTAKE.VERSION,
            HORSE_INTAKE.BODY,
            HORSE_INTAKE.CHANGED_BY,
            HORSE_INTAKE.CHANGED_AT);

    private static final Shelf RIDERS = new Shelf(
            RIDER_INTAKE,
            RIDER_INTAKE.YARD_ID,
            RIDER_INTAKE.RIDER_ID,
            RIDER_INTAKE.VERSION,
            RIDER_INTAKE.BODY,
            RIDER_INTAKE.CHANGED_BY,
            RIDER_INTAKE.CHANGED_AT);

    private static final Shelf PAIRS = new Shelf(
            PAIR_INTAKE,
            PAIR_INTAKE.YARD_ID,
            PAIR_INTAKE.PAIR_ID,
            PAIR_INTAKE.VERSION,
            PAIR_INTAKE.BODY,
            PAIR_INTAKE.CHANGED_BY,
            PAIR_INTAKE.CHANGED_AT);

    private final DSLContext db;
    private final JsonMapper json;

    IntakeRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** Of a pair the caller has found to be visible. */
    Intakes of(UUID pair) {
        return db.select(HORSE_INTAKE.BODY, HORSE_INTAKE.VERSION)
                .select(RIDER_INTAKE.BODY, RIDER_INTAKE.VERSION)
                .select(PAIR_INTAKE.BODY, PAIR_INTAKE.VERSION)
                .from(PAIR)
                .leftJoin(HORSE_INTAKE)
                .on(HORSE_INTAKE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE_INTAKE.HORSE_ID.eq(PAIR.HORSE_ID)))
                .leftJoin(RIDER_INTAKE)
                .on(RIDER_INTAKE.YARD_ID.eq(PAIR.YARD_ID).and(RIDER_INTAKE.RIDER_ID.eq(PAIR.RIDER_ID)))
                .leftJoin(PAIR_INTAKE)
                .on(PAIR_INTAKE.YARD_ID.eq(PAIR.YARD_ID).and(PAIR_INTAKE.PAIR_ID.eq(PAIR.ID)))
                .where(PAIR.ID.eq(pair))
                .fetchSingle(r -> new Intakes(
                        body(r, HORSES, HorseIntake.class, HorseIntake.EMPTY),
                        version(r, HORSES),
                        body(r, RIDERS, RiderIntake.class, RiderIntake.EMPTY),
                        version(r, RIDERS),
                        body(r, PAIRS, PairIntake.class, PairIntake.EMPTY),
                        version(r, PAIRS)));
    }

    /** What of it must be read before a lesson. */
    public IntakeInShort inShort(UUID pair) {
        Intakes all = of(pair);
        return new IntakeInShort(
                all.horse().fears(),
                all.horse().sightAndHearing(),
                all.rider().worries(),
                all.pair().clashes(),
                all.pair().unwanted().stream()
                        .map(PairIntake.UnwantedGait::name)
                        .toList());
    }

    /** On how many days a week the horse of a statement's pair is turned out; null where nobody has asked. */
    public static final Field<Integer> TURNOUT_DAYS =
            DSL.field(DSL.select(DSL.field("({0} ->> 'turnoutDays')::integer", SQLDataType.INTEGER, HORSE_INTAKE.BODY))
                    .from(HORSE_INTAKE)
                    .where(HORSE_INTAKE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE_INTAKE.HORSE_ID.eq(PAIR.HORSE_ID))));

    /** What of it must be known beside the pad, as part of a statement. */
    public Field<IntakeForRide> forRide(UUID pair) {
        Field<String> horse = HORSE_INTAKE.BODY.cast(SQLDataType.CLOB);
        Field<String> together = PAIR_INTAKE.BODY.cast(SQLDataType.CLOB);
        return DSL.multiset(DSL.select(horse, together)
                        .from(PAIR)
                        .leftJoin(HORSE_INTAKE)
                        .on(HORSE_INTAKE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE_INTAKE.HORSE_ID.eq(PAIR.HORSE_ID)))
                        .leftJoin(PAIR_INTAKE)
                        .on(PAIR_INTAKE.YARD_ID.eq(PAIR.YARD_ID).and(PAIR_INTAKE.PAIR_ID.eq(PAIR.ID)))
                        .where(PAIR.ID.eq(pair)))
                .convertFrom(rows -> rows.stream()
                        .map(r -> forRide(
                                read(r.value1(), HorseIntake.class, HorseIntake.EMPTY),
                                read(r.value2(), PairIntake.class, PairIntake.EMPTY)))
                        .findFirst()
                        .orElse(IntakeForRide.NOTHING));
    }

    private static IntakeForRide forRide(HorseIntake horse, PairIntake pair) {
        return new IntakeForRide(horse.fears(), horse.sightAndHearing(), horse.ownGait(), pair.head(), pair.unwanted());
    }

    private <T> T read(String body, Class<T> as, T nothing) {
        return body == null ? nothing : json.readValue(body, as);
    }

    private <T> T body(Record r, Shelf of, Class<T> as, T nothing) {
        JSONB body = r.get(of.body());
        return read(body == null ? null : body.data(), as, nothing);
    }

    private static int version(Record r, Shelf of) {
        Integer version = r.get(of.version());
        return version == null ? 0 : version;
    }

    public boolean changeHorse(UUID horse, int version, HorseIntake to, Instant at) {
        return change(HORSES, horse, version, to, at);
    }

    public boolean changeRider(UUID rider, int version, RiderIntake to, Instant at) {
        return change(RIDERS, rider, version, to, at);
    }

    public boolean changePair(UUID pair, int version, PairIntake to, Instant at) {
        return change(PAIRS, pair, version, to, at);
    }

    /** The goal in the rider's words; null when nobody has asked. */
    void setGoal(UUID pair, String goal) {
        db.update(PAIR).set(PAIR.GOAL, goal).where(PAIR.ID.eq(pair)).execute();
    }

    /** Whether it was at this version and is now this. */
    private boolean change(Shelf of, UUID id, int version, Object to, Instant at) {
        JSONB body = JSONB.valueOf(json.writeValueAsString(to));
        UUID by = YardScope.viewer().person();
        if (version == 0) {
            return db.insertInto(of.table())
                            .set(of.yard(), YardScope.viewer().yard())
                            .set(of.of(), id)
                            .set(of.version(), 1)
                            .set(of.body(), body)
                            .set(of.by(), by)
                            .set(of.at(), at)
                            .onConflictDoNothing()
                            .execute()
                    == 1;
        }
        Field<Integer> next = of.version().plus(1);
        return db.update(of.table())
                        .set(of.version(), next)
                        .set(of.body(), body)
                        .set(of.by(), by)
                        .set(of.at(), at)
                        .where(of.of().eq(id).and(of.version().eq(version)))
                        .execute()
                == 1;
    }
}
