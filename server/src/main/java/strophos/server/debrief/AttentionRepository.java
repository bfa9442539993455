package strophos.server.debrief;

import static strophos.server.db.Tables.DECISION;
import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.progress.Decision;

/** Pairs that want a thought, of the whole yard; only roles that see all pairs ask for it. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class AttentionRepository {

    private final DSLContext db;

    AttentionRepository(DSLContext db) {
        this.db = db;
    }

    /** Where help was decided on from then on, and nothing else on that rung since; the latest first. */
    List<WantsHelp> needsHelp(Instant from, int most) {
        var next = DECISION.as("next");
        return db.select(DECISION.RUNG, DECISION.DECIDED_AT, PAIR.ID, PERSON.NAME, HORSE.NAME)
                .from(DECISION)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(DECISION.YARD_ID).and(PAIR.ID.eq(DECISION.PAIR_ID)))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(DECISION.DECIDED_AT.ge(from).and(DECISION.CHOSEN.eq(Decision.GET_HELP.name())))
                .andNotExists(DSL.selectOne()
                        .from(next)
                        .where(next.PAIR_ID.eq(DECISION.PAIR_ID).and(next.RUNG.eq(DECISION.RUNG)))
                        .and(next.DECIDED_AT.gt(DECISION.DECIDED_AT)))
                .orderBy(DECISION.DECIDED_AT.desc())
                .limit(most)
                .fetch(r -> new WantsHelp(
                        new AttentionView.PairLine(r.value3(), r.value4(), r.value5()), r.value1(), r.value2()));
    }

    /** Whose last lesson lies in this time, and who have none planned; those that wait longest first. */
    List<AttentionView.Quiet> quiet(Instant from, Instant to, Instant now, int most) {
        Field<Instant> last = DSL.field(DSL.select(RIDDEN_LESSON.STARTED_AT)
                        .from(RIDDEN_LESSON)
                        .where(RIDDEN_LESSON.PAIR_ID.eq(PAIR.ID).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                        .orderBy(RIDDEN_LESSON.STARTED_AT.desc())
                        .limit(1))
                .as("last");
        Field<String> rider = PERSON.NAME.as("rider");
        Field<String> horse = HORSE.NAME.as("horse");
        var pairs = db.select(PAIR.ID, rider, horse, last)
                .from(PAIR)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .whereNotExists(DSL.selectOne()
                        .from(LESSON)
                        .where(LESSON.PAIR_ID.eq(PAIR.ID).and(LESSON.PLANNED_AT.gt(now))))
                // a fence: without one the last lesson is looked up anew for each comparison
                .offset(0)
                .asTable("pairs");
        return db.selectFrom(pairs)
                .where(pairs.field(last).between(from, to))
                .orderBy(pairs.field(last))
                .limit(most)
                .fetch(r -> new AttentionView.Quiet(
                        new AttentionView.PairLine(
                                r.get(pairs.field(PAIR.ID)), r.get(pairs.field(rider)), r.get(pairs.field(horse))),
                        r.get(pairs.field(last))));
    }
}
