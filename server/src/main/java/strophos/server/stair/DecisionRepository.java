package strophos.server.stair;

import static strophos.server.db.Tables.DECISION;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.progress.Decision;
import strophos.server.access.YardScope;
import strophos.server.contract.Cursor;

/** What was advised and what was chosen, in the order it was decided. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class DecisionRepository {

    private final DSLContext db;

    DecisionRepository(DSLContext db) {
        this.db = db;
    }

    /** Decisions on a pair, the latest first: those before this one, or the last of all. */
    public List<PastDecision> ofPair(UUID pair, Optional<Cursor> behind, int most) {
        return decisions(DECISION.PAIR_ID
                        .eq(pair)
                        .and(behind.map(b -> (Condition) DSL.row(DECISION.DECIDED_AT, DECISION.ID)
                                        .lt(b.at(), b.id()))
                                .orElseGet(DSL::trueCondition)))
                .orderBy(DECISION.DECIDED_AT.desc(), DECISION.ID.desc())
                .limit(most)
                .fetch(DecisionRepository::decision);
    }

    /** The last decisions on one rung of a pair, in order. */
    public List<PastDecision> ofRung(UUID pair, String rung, int most) {
        List<PastDecision> latestFirst = decisions(DECISION.PAIR_ID.eq(pair).and(DECISION.RUNG.eq(rung)))
                .orderBy(DECISION.DECIDED_AT.desc(), DECISION.ID.desc())
                .limit(most)
                .fetch(DecisionRepository::decision);
        Collections.reverse(latestFirst);
        return latestFirst;
    }

    /** What this person decided from then on, the latest first. */
    public List<OwnDecision> of(UUID person, Instant from, int most) {
        var next = DECISION.as("next");
        Field<String> after = DSL.field(DSL.select(next.ADVISED)
                .from(next)
                .where(next.PAIR_ID.eq(DECISION.PAIR_ID).and(next.RUNG.eq(DECISION.RUNG)))
                .and(next.LESSON_ID.ne(DECISION.LESSON_ID).and(next.DECIDED_AT.gt(DECISION.DECIDED_AT)))
                .orderBy(next.DECIDED_AT, next.ID)
                .limit(1));
        return db.select(DECISION.RULE_ID, DECISION.CHOSEN, DECISION.ADVISED, after)
                .from(DECISION)
                .where(DECISION.DECIDED_BY.eq(person).and(DECISION.DECIDED_AT.ge(from)))
                .orderBy(DECISION.DECIDED_AT.desc())
                .limit(most)
                .fetch(r -> new OwnDecision(
                        r.value1(),
                        Decision.valueOf(r.value2()),
                        Decision.valueOf(r.value3()),
                        Optional.ofNullable(r.value4()).map(Decision::valueOf)));
    }

    /** The decisions made on a lesson, in order. */
    public List<PastDecision> ofLesson(UUID lesson) {
        return decisions(DECISION.LESSON_ID.eq(lesson))
                .orderBy(DECISION.DECIDED_AT, DECISION.ID)
                .fetch(DecisionRepository::decision);
    }

    public Optional<PastDecision> find(UUID id) {
        return decisions(DECISION.ID.eq(id)).fetchOptional(DecisionRepository::decision);
    }

    /** @param evidence the advice as it stood, as JSON */
    public void add(PastDecision made, String evidence) {
        db.insertInto(DECISION)
                .set(DECISION.YARD_ID, YardScope.viewer().yard())
                .set(DECISION.ID, made.id())
                .set(DECISION.PAIR_ID, made.pair())
                .set(DECISION.LESSON_ID, made.lesson())
                .set(DECISION.RUNG, made.rung())
                .set(DECISION.CHOSEN, made.chosen().name())
                .set(DECISION.ADVISED, made.advised().name())
                .set(DECISION.RULE_ID, made.ruleId())
                .set(DECISION.RULE_BOOK, made.ruleBook())
                .set(DECISION.EVIDENCE, JSONB.valueOf(evidence))
                .set(DECISION.REASON, made.reason())
                .set(DECISION.DECIDED_BY, YardScope.viewer().person())
                .set(DECISION.DECIDED_AT, made.at())
                .execute();
    }

    private SelectConditionStep<Record> decisions(Condition which) {
        return db.select(DECISION.fields())
                .select(PERSON.NAME)
                .from(DECISION)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(DECISION.YARD_ID).and(PERSON.ID.eq(DECISION.DECIDED_BY)))
                .where(which);
    }

    private static PastDecision decision(Record r) {
        return new PastDecision(
                r.get(DECISION.ID),
                r.get(DECISION.PAIR_ID),
                r.get(DECISION.LESSON_ID),
                r.get(DECISION.RUNG),
                Decision.valueOf(r.get(DECISION.CHOSEN)),
                Decision.valueOf(r.get(DECISION.ADVISED)),
                r.get(DECISION.RULE_ID),
                r.get(DECISION.RULE_BOOK),
                r.get(DECISION.REASON),
                r.get(PERSON.NAME),
                r.get(DECISION.DECIDED_AT));
    }
}
