package strophos.server.pair;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.PAIR;

import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What a plan must know of a pair, with the version under which it is changed. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class FactsRepository {

    private final DSLContext db;

    FactsRepository(DSLContext db) {
        this.db = db;
    }

    /** The facts, and how often they were changed. */
    public record Versioned(Facts facts, int version) {}

    /** Of a pair the caller has found to be visible. */
    public Versioned of(UUID pair) {
        return db.select(
                        HORSE.HEIGHT_CM,
                        HORSE.BORN_YEAR,
                        HORSE.IN_WORK_SINCE,
                        HORSE.BACK_SINCE,
                        HORSE.WEEKS_OFF,
                        HORSE.MINUTES_BEFORE,
                        HORSE.WEIGHT_KG,
                        PAIR.RIDER_KG,
                        PAIR.TACK_KG,
                        PAIR.VERSION)
                .from(PAIR)
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(PAIR.ID.eq(pair))
                .fetchSingle(r -> new Versioned(
                        new Facts(
                                r.value1(),
                                r.value2(),
                                r.value3(),
                                r.value4(),
                                r.value5(),
                                r.value6(),
                                r.value7(),
                                r.value8(),
                                r.value9()),
                        r.value10()));
    }

    /** Whether the facts were at this version and are now these. */
    public boolean change(UUID pair, int version, Facts f) {
        int changed = db.update(PAIR)
                .set(PAIR.RIDER_KG, f.riderKg())
                .set(PAIR.TACK_KG, f.tackKg())
                .set(PAIR.VERSION, version + 1)
                .where(PAIR.ID.eq(pair).and(PAIR.VERSION.eq(version)))
                .execute();
        if (changed == 0) {
            return false;
        }
        db.update(HORSE)
                .set(HORSE.HEIGHT_CM, f.heightCm())
                .set(HORSE.BORN_YEAR, f.bornYear())
                .set(HORSE.IN_WORK_SINCE, f.inWorkSince())
                .set(HORSE.BACK_SINCE, f.backSince())
                .set(HORSE.WEEKS_OFF, f.weeksOff())
                .set(HORSE.MINUTES_BEFORE, f.minutesBefore())
                .set(HORSE.WEIGHT_KG, f.horseKg())
                .where(HORSE.ID.eq(db.select(PAIR.HORSE_ID).from(PAIR).where(PAIR.ID.eq(pair))))
                .execute();
        return true;
    }
}
