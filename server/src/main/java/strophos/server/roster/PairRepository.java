package strophos.server.roster;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;

import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.school.School;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
import strophos.server.access.Role;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.sql.Binds;

/** The pairs of a yard, each a rider and a horse. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class PairRepository {

    /** What says how a pair is taught. */
    public static final List<Field<?>> TEACHING = List.of(
            PAIR.SCHOOL,
            PAIR.SIDE_REINS,
            PAIR.LEG,
            PAIR.SLACK_REIN,
            PAIR.BIT,
            PAIR.LANDING_LEAD,
            PAIR.CANTER_FROM,
            PAIR.STRAND_ORDER);

    /** What a pair is read from, joined with its rider and its horse. */
    public static final List<Field<?>> NAMED = Stream.concat(
                    Stream.of(
                            PAIR.ID,
                            PAIR.RIDER_ID,
                            PAIR.HORSE_ID,
                            PERSON.NAME,
                            HORSE.NAME,
                            HORSE.DESCRIPTION,
                            PAIR.GOAL),
                    TEACHING.stream())
            .<Field<?>>map(f -> f)
            .toList();

    private final DSLContext db;
    private final Supplier<UUID> ids;
    private final Clock clock;

    PairRepository(DSLContext db, Supplier<UUID> ids, Clock clock) {
        this.db = db;
        this.ids = ids;
        this.clock = clock;
    }

    /** A rider and a horse that begin together; the pair that is there already where its id was said before. */
    public UUID add(NewPair pair) {
        if (pair.id() != null && db.fetchExists(db.selectOne().from(PAIR).where(PAIR.ID.eq(pair.id())))) {
            return pair.id();
        }
        if (pair.riderId() != null) {
            return addFor(pair.riderId(), pair);
        }
        UUID rider = orNew(pair.newRiderId());
        db.insertInto(PERSON, PERSON.YARD_ID, PERSON.ID, PERSON.NAME, PERSON.ROLE, PERSON.CREATED_AT)
                .values(yard(), rider, pair.rider(), Role.RIDER.name(), clock.instant())
                .onConflictDoNothing()
                .execute();
        return addFor(rider, pair);
    }

    private UUID orNew(UUID id) {
        return id == null ? ids.get() : id;
    }

    /** Whether there is a rider of this id. */
    public boolean isRider(UUID id) {
        return db.fetchExists(
                db.selectOne().from(PERSON).where(PERSON.ID.eq(id).and(PERSON.ROLE.eq(Role.RIDER.name()))));
    }

    /** Whether there is somebody of this id who is no rider. */
    public boolean isNoRider(UUID id) {
        return db.fetchExists(
                db.selectOne().from(PERSON).where(PERSON.ID.eq(id).and(PERSON.ROLE.ne(Role.RIDER.name()))));
    }

    /** Whether there is a horse of this id. */
    public boolean isHorse(UUID id) {
        return db.fetchExists(db.selectOne().from(HORSE).where(HORSE.ID.eq(id)));
    }

    /** Whether this rider and this horse are a pair already. */
    public boolean isPair(UUID rider, UUID horse) {
        return db.fetchExists(
                db.selectOne().from(PAIR).where(PAIR.RIDER_ID.eq(rider).and(PAIR.HORSE_ID.eq(horse))));
    }

    /** Pairs a rider who is known already with a horse that is known, or begins here. */
    public UUID addFor(UUID rider, NewPair pair) {
        UUID horse = pair.horseId() == null ? addHorse(pair) : pair.horseId();
        UUID id = orNew(pair.id());
        int added = db.insertInto(
                        PAIR,
                        PAIR.YARD_ID,
                        PAIR.ID,
                        PAIR.RIDER_ID,
                        PAIR.HORSE_ID,
                        PAIR.SCHOOL,
                        PAIR.GOAL,
                        PAIR.CREATED_AT)
                .values(yard(), id, rider, horse, pair.school().name(), pair.goal(), clock.instant())
                .onConflictDoNothing()
                .execute();
        return added == 1 ? id : idOf(rider, horse);
    }

    private UUID idOf(UUID rider, UUID horse) {
        return db.select(PAIR.ID)
                .from(PAIR)
                .where(PAIR.RIDER_ID.eq(rider).and(PAIR.HORSE_ID.eq(horse)))
                .fetchSingle(PAIR.ID);
    }

    /** The school by which this pair is taught from now on. */
    public void setSchool(UUID pair, School school) {
        db.update(PAIR).set(PAIR.SCHOOL, school.name()).where(PAIR.ID.eq(pair)).execute();
    }

    /** How often what is settled for this pair was changed. */
    public int settingsVersion(UUID pair) {
        return db.select(PAIR.SETTINGS_VERSION)
                .from(PAIR)
                .where(PAIR.ID.eq(pair))
                .fetchSingle(PAIR.SETTINGS_VERSION);
    }

    /** Settles this for a pair; false when it was changed since this version. */
    public boolean settle(UUID pair, int version, Settings settings) {
        return db.update(PAIR)
                        .set(row(settings))
                        .set(PAIR.SETTINGS_VERSION, version + 1)
                        .where(PAIR.ID.eq(pair).and(PAIR.SETTINGS_VERSION.eq(version)))
                        .execute()
                == 1;
    }

    private UUID addHorse(NewPair pair) {
        UUID horse = orNew(pair.newHorseId());
        db.insertInto(HORSE, HORSE.YARD_ID, HORSE.ID, HORSE.NAME, HORSE.DESCRIPTION, HORSE.HEIGHT_CM, HORSE.CREATED_AT)
                .values(yard(), horse, pair.horse(), pair.description(), pair.heightCm(), clock.instant())
                .onConflictDoNothing()
                .execute();
        return horse;
    }

    /** The pairs the viewer may see, by horse. */
    public List<Pair> findVisible() {
        return visible().orderBy(HORSE.NAME, PAIR.ID).fetch(PairRepository::pair);
    }

    /** Those of these pairs that the viewer may see, by horse. */
    public List<Pair> visible(Collection<UUID> ids) {
        return visible(Binds.isAnyOf(PAIR.ID, ids)).orderBy(HORSE.NAME, PAIR.ID).fetch(PairRepository::pair);
    }

    /** The pairs of these horses that the viewer may see, by horse. */
    public List<Pair> visibleOf(Collection<UUID> horses) {
        return visible(Binds.isAnyOf(PAIR.HORSE_ID, horses))
                .orderBy(HORSE.NAME, PAIR.ID)
                .fetch(PairRepository::pair);
    }

    /** This pair, if the viewer may see it. */
    public Optional<Pair> find(UUID id) {
        return visible(PAIR.ID.eq(id)).fetchOptional(PairRepository::pair);
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

    /** The pair of a row with these fields. */
    public static Pair pair(Record r) {
        return new Pair(
                r.get(PAIR.ID),
                r.get(PAIR.RIDER_ID),
                r.get(PAIR.HORSE_ID),
                r.get(PERSON.NAME),
                r.get(HORSE.NAME),
                r.get(HORSE.DESCRIPTION),
                teaching(r),
                r.get(PAIR.GOAL));
    }

    /** How a pair is taught, of a row with these columns. */
    public static Teaching teaching(Record r) {
        return new Teaching(
                School.valueOf(r.get(PAIR.SCHOOL)),
                new Settings(
                        read(r, PAIR.SIDE_REINS, Settings.SideReins.class),
                        read(r, PAIR.LEG, Settings.LegStance.class),
                        read(r, PAIR.SLACK_REIN, Settings.SlackRein.class),
                        read(r, PAIR.BIT, Settings.Bit.class),
                        read(r, PAIR.LANDING_LEAD, Settings.LandingLead.class),
                        read(r, PAIR.CANTER_FROM, Settings.CanterFrom.class),
                        read(r, PAIR.STRAND_ORDER, Settings.StrandOrder.class)));
    }

    private static <E extends Enum<E>> Optional<E> read(Record r, TableField<?, String> column, Class<E> of) {
        return Optional.ofNullable(r.get(column)).map(word -> Enum.valueOf(of, word));
    }

    /** What is written for these settings. */
    private static Map<Field<?>, Object> row(Settings s) {
        Map<Field<?>, Object> row = new HashMap<>();
        row.put(PAIR.SIDE_REINS, word(s.sideReins()));
        row.put(PAIR.LEG, word(s.leg()));
        row.put(PAIR.SLACK_REIN, word(s.slack()));
        row.put(PAIR.BIT, word(s.bit()));
        row.put(PAIR.LANDING_LEAD, word(s.landingLead()));
        row.put(PAIR.CANTER_FROM, word(s.canterFrom()));
        row.put(PAIR.STRAND_ORDER, word(s.order()));
        return row;
    }

    private static String word(Optional<? extends Enum<?>> chosen) {
        return chosen.map(Enum::name).orElse(null);
    }

    private static UUID yard() {
        return YardScope.viewer().yard();
    }
}
