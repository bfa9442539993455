package strophos.server.horse;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.PAIN_COUNT;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.WEIGHT_OVERRULE;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.welfare.PainChecklist;
import strophos.server.access.YardScope;
import strophos.server.db.tables.Pair;

/** What a plan must know of a pair, with the version under which it is changed. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class FactsRepository {

    /** The horse's, of a statement that joins it. */
    public static final Field<Integer> BORN_YEAR = HORSE.BORN_YEAR;

    public static final Field<LocalDate> BACK_SINCE = HORSE.BACK_SINCE;

    /** The pairs of the same horse. */
    private static final Pair OTHER = PAIR.as("other");

    private final DSLContext db;

    FactsRepository(DSLContext db) {
        this.db = db;
    }

    /** Of a pair the caller has found to be visible. */
    public FactsVersion of(UUID pair) {
        var last = DSL.lateral(
                DSL.select(WEIGHT_OVERRULE.PERCENT, WEIGHT_OVERRULE.REASON, PERSON.NAME, WEIGHT_OVERRULE.OVERRULED_AT)
                        .from(WEIGHT_OVERRULE)
                        .join(PERSON)
                        .on(PERSON.YARD_ID.eq(WEIGHT_OVERRULE.YARD_ID).and(PERSON.ID.eq(WEIGHT_OVERRULE.OVERRULED_BY)))
                        .where(WEIGHT_OVERRULE.PAIR_ID.eq(PAIR.ID))
                        .orderBy(WEIGHT_OVERRULE.OVERRULED_AT.desc(), WEIGHT_OVERRULE.ID.desc())
                        .limit(1)
                        .asTable("last"));
        Field<Integer> counted = DSL.field(DSL.select(DSL.cardinality(PAIN_COUNT.SEEN))
                .from(PAIN_COUNT)
                .join(OTHER)
                .on(OTHER.YARD_ID.eq(PAIN_COUNT.YARD_ID).and(OTHER.ID.eq(PAIN_COUNT.PAIR_ID)))
                .where(OTHER.HORSE_ID.eq(PAIR.HORSE_ID))
                .orderBy(PAIN_COUNT.COUNTED_AT.desc(), PAIN_COUNT.ID.desc())
                .limit(1));
        return db.select(
                        HORSE.HEIGHT_CM,
                        HORSE.BORN_YEAR,
                        HORSE.IN_WORK_SINCE,
                        HORSE.BACK_SINCE,
                        HORSE.WEEKS_OFF,
                        HORSE.MINUTES_BEFORE,
                        HORSE.WEIGHT_KG,
                        HORSE.GIRTH_CM,
                        HORSE.LENGTH_CM,
                        HORSE.SHOULD_WEIGH_KG,
                        PAIR.RIDER_KG,
                        PAIR.TACK_KG,
                        PAIR.VERSION)
                .select(last.fields())
                .select(counted)
                .from(PAIR)
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .leftJoin(last)
                .on(DSL.trueCondition())
                .where(PAIR.ID.eq(pair))
                .fetchSingle(r -> new FactsVersion(
                        new Facts(
                                r.get(HORSE.HEIGHT_CM),
                                r.get(HORSE.BORN_YEAR),
                                r.get(HORSE.IN_WORK_SINCE),
                                r.get(HORSE.BACK_SINCE),
                                r.get(HORSE.WEEKS_OFF),
                                r.get(HORSE.MINUTES_BEFORE),
                                r.get(HORSE.WEIGHT_KG),
                                r.get(HORSE.GIRTH_CM),
                                r.get(HORSE.LENGTH_CM),
                                r.get(HORSE.SHOULD_WEIGH_KG),
                                r.get(PAIR.RIDER_KG),
                                r.get(PAIR.TACK_KG)),
                        r.get(PAIR.VERSION),
                        Optional.ofNullable(r.get(last.field(WEIGHT_OVERRULE.REASON)))
                                .map(reason -> new Overrule(
                                        r.get(last.field(WEIGHT_OVERRULE.PERCENT)),
                                        reason,
                                        r.get(last.field(PERSON.NAME)),
                                        r.get(last.field(WEIGHT_OVERRULE.OVERRULED_AT)))),
                        Optional.ofNullable(r.get(counted)).map(PainChecklist::new)));
    }

    /** Of all horses of the yard, by their ids. */
    public Map<UUID, HeightAndBorn> heightsAndYears() {
        return db.select(HORSE.ID, HORSE.HEIGHT_CM, HORSE.BORN_YEAR)
                .from(HORSE)
                .fetchMap(HORSE.ID, r -> new HeightAndBorn(r.get(HORSE.HEIGHT_CM), r.get(HORSE.BORN_YEAR)));
    }

    /** Keeps why this rider rides this horse all the same; a repeated id changes nothing. */
    public void overrule(UUID pair, UUID id, Overrule o) {
        db.insertInto(WEIGHT_OVERRULE)
                .set(WEIGHT_OVERRULE.YARD_ID, YardScope.viewer().yard())
                .set(WEIGHT_OVERRULE.ID, id)
                .set(WEIGHT_OVERRULE.PAIR_ID, pair)
                .set(WEIGHT_OVERRULE.PERCENT, o.percent())
                .set(WEIGHT_OVERRULE.REASON, o.reason())
                .set(WEIGHT_OVERRULE.OVERRULED_BY, YardScope.viewer().person())
                .set(WEIGHT_OVERRULE.OVERRULED_AT, o.at())
                .onConflictDoNothing()
                .execute();
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
                .set(HORSE.GIRTH_CM, f.girthCm())
                .set(HORSE.LENGTH_CM, f.lengthCm())
                .set(HORSE.SHOULD_WEIGH_KG, f.shouldWeighKg())
                .where(HORSE.ID.eq(db.select(PAIR.HORSE_ID).from(PAIR).where(PAIR.ID.eq(pair))))
                .execute();
        return true;
    }
}
