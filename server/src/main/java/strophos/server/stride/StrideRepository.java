package strophos.server.stride;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.STRIDE;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.stride.Pace;
import strophos.core.stride.StrideMeasure;
import strophos.server.access.YardScope;
import strophos.server.horse.HeightAndBorn;
import strophos.server.sql.Binds;

/** Measured strides of horses. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class StrideRepository {

    /** So many of a horse are listed, the latest. */
    static final int MOST = 60;

    private final DSLContext db;

    StrideRepository(DSLContext db) {
        this.db = db;
    }

    /** The latest first. */
    List<StoredStride> of(UUID horse) {
        return db.select(
                        STRIDE.ID,
                        STRIDE.PACE,
                        STRIDE.WAY,
                        STRIDE.DISTANCE_M,
                        STRIDE.COUNT,
                        STRIDE.SECONDS,
                        STRIDE.MEASURED_ON,
                        STRIDE.IS_PUT_AWAY,
                        PERSON.NAME)
                .from(STRIDE)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(STRIDE.YARD_ID).and(PERSON.ID.eq(STRIDE.ADDED_BY)))
                .where(STRIDE.HORSE_ID.eq(horse))
                .orderBy(STRIDE.MEASURED_ON.desc(), STRIDE.ADDED_AT.desc(), STRIDE.ID.desc())
                .limit(MOST)
                .fetch(r ->
                        new StoredStride(r.get(STRIDE.ID), measure(r), r.get(STRIDE.IS_PUT_AWAY), r.get(PERSON.NAME)));
    }

    /** What is known of how these horses move, by their ids. */
    public Map<UUID, HeightAndStrides> known(Collection<UUID> horses) {
        Field<List<StrideMeasure>> strides =
                latest(STRIDE.YARD_ID.eq(HORSE.YARD_ID).and(STRIDE.HORSE_ID.eq(HORSE.ID)));
        return db.select(HORSE.ID, HORSE.HEIGHT_CM, HORSE.BORN_YEAR, strides)
                .from(HORSE)
                .where(Binds.isAnyOf(HORSE.ID, horses))
                .fetchMap(
                        HORSE.ID,
                        r -> new HeightAndStrides(
                                new HeightAndBorn(r.get(HORSE.HEIGHT_CM), r.get(HORSE.BORN_YEAR)), r.get(strides)));
    }

    /** The measure that counts of each gait, of the horse of the pair that a statement is about. */
    public Field<List<StrideMeasure>> latestOfPairsHorse() {
        return latest(STRIDE.YARD_ID.eq(PAIR.YARD_ID).and(STRIDE.HORSE_ID.eq(PAIR.HORSE_ID)));
    }

    /** The last one that was not put away. */
    private static Field<List<StrideMeasure>> latest(Condition which) {
        return DSL.multiset(DSL.select(
                                STRIDE.PACE,
                                STRIDE.WAY,
                                STRIDE.DISTANCE_M,
                                STRIDE.COUNT,
                                STRIDE.SECONDS,
                                STRIDE.MEASURED_ON)
                        .distinctOn(STRIDE.PACE)
                        .from(STRIDE)
                        .where(which)
                        .and(STRIDE.IS_PUT_AWAY.isFalse())
                        .orderBy(STRIDE.PACE, STRIDE.MEASURED_ON.desc(), STRIDE.ADDED_AT.desc(), STRIDE.ID.desc()))
                .convertFrom(rows -> rows.map(StrideRepository::measure));
    }

    private static StrideMeasure measure(Record r) {
        return new StrideMeasure(
                Pace.valueOf(r.get(STRIDE.PACE)),
                StrideMeasure.Way.valueOf(r.get(STRIDE.WAY)),
                r.get(STRIDE.DISTANCE_M).doubleValue(),
                r.get(STRIDE.COUNT).doubleValue(),
                r.get(STRIDE.SECONDS) == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(r.get(STRIDE.SECONDS).doubleValue()),
                r.get(STRIDE.MEASURED_ON));
    }

    boolean isOf(UUID horse, UUID stride) {
        return db.fetchExists(STRIDE, STRIDE.HORSE_ID.eq(horse).and(STRIDE.ID.eq(stride)));
    }

    /** Keeps it; a repeated id changes nothing. */
    public void add(UUID horse, UUID id, StrideMeasure m, Instant at) {
        db.insertInto(STRIDE)
                .set(STRIDE.YARD_ID, YardScope.viewer().yard())
                .set(STRIDE.ID, id)
                .set(STRIDE.HORSE_ID, horse)
                .set(STRIDE.PACE, m.pace().name())
                .set(STRIDE.WAY, m.way().name())
                .set(STRIDE.DISTANCE_M, decimal(m.distanceM(), 3))
                .set(STRIDE.COUNT, decimal(m.count(), 2))
                .set(
                        STRIDE.SECONDS,
                        m.seconds().isEmpty() ? null : decimal(m.seconds().getAsDouble(), 2))
                .set(STRIDE.MEASURED_ON, m.on())
                .set(STRIDE.IS_PUT_AWAY, false)
                .set(STRIDE.ADDED_BY, YardScope.viewer().person())
                .set(STRIDE.ADDED_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    private static BigDecimal decimal(double value, int places) {
        return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
    }

    void putAway(UUID stride, boolean isPutAway) {
        db.update(STRIDE)
                .set(STRIDE.IS_PUT_AWAY, isPutAway)
                .where(STRIDE.ID.eq(stride))
                .execute();
    }
}
