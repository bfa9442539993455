package strophos.server.outing;

import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.OUTING;
import static strophos.server.db.Tables.PAIR;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/** Outings of horses. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class OutingRepository {

    /** So many of a horse are listed, those that count last. */
    static final int MOST = 12;

    private final DSLContext db;

    OutingRepository(DSLContext db) {
        this.db = db;
    }

    /** Of the horse of the pair that a statement is about, those that count last first. */
    public Field<List<StoredOuting>> ofPairsHorse() {
        return outings(OUTING.YARD_ID.eq(PAIR.YARD_ID).and(OUTING.HORSE_ID.eq(PAIR.HORSE_ID)));
    }

    List<StoredOuting> of(UUID horse) {
        return db.select(outings(OUTING.HORSE_ID.eq(horse))).fetchSingle().value1();
    }

    private static Field<List<StoredOuting>> outings(Condition which) {
        return DSL.multiset(DSL.select(
                                OUTING.ID,
                                OUTING.WHAT,
                                OUTING.TRAVEL_ON,
                                OUTING.COUNTS_ON,
                                OUTING.IS_FIRST,
                                OUTING.IS_PUT_AWAY)
                        .from(OUTING)
                        .where(which)
                        .orderBy(OUTING.COUNTS_ON.desc(), OUTING.ID.desc())
                        .limit(MOST))
                .convertFrom(rows -> rows.map(
                        r -> new StoredOuting(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6())));
    }

    boolean isOf(UUID horse, UUID outing) {
        return db.fetchExists(OUTING, OUTING.HORSE_ID.eq(horse).and(OUTING.ID.eq(outing)));
    }

    /** Keeps it; a repeated id changes nothing. */
    public void add(UUID horse, StoredOuting outing, Instant at) {
        db.insertInto(OUTING)
                .set(OUTING.YARD_ID, YardScope.viewer().yard())
                .set(OUTING.ID, outing.id())
                .set(OUTING.HORSE_ID, horse)
                .set(OUTING.WHAT, outing.what())
                .set(OUTING.TRAVEL_ON, outing.travelOn())
                .set(OUTING.COUNTS_ON, outing.countsOn())
                .set(OUTING.IS_FIRST, outing.isFirst())
                .set(OUTING.IS_PUT_AWAY, outing.isPutAway())
                .set(OUTING.ADDED_BY, YardScope.viewer().person())
                .set(OUTING.ADDED_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    void putAway(UUID outing, boolean isPutAway) {
        db.update(OUTING)
                .set(OUTING.IS_PUT_AWAY, isPutAway)
                .where(OUTING.ID.eq(outing))
                .execute();
    }

    /** Minutes of this horse's lessons, whoever rides, by day of the yard; both days are within. */
    Map<LocalDate, Integer> diary(UUID horse, LocalDate from, LocalDate to, ZoneId zone) {
        return db
                .select(LESSON.PLANNED_AT, LESSON.PLANNED_MINUTES)
                .from(LESSON)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(LESSON.YARD_ID).and(PAIR.ID.eq(LESSON.PAIR_ID)))
                .where(PAIR.HORSE_ID
                        .eq(horse)
                        .and(LESSON.PLANNED_AT.ge(from.atStartOfDay(zone).toInstant()))
                        .and(LESSON.PLANNED_AT.lt(
                                to.plusDays(1).atStartOfDay(zone).toInstant())))
                .stream()
                .collect(Collectors.toMap(r -> LocalDate.ofInstant(r.value1(), zone), r -> r.value2(), Integer::sum));
    }
}
