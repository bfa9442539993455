package strophos.server.rules;

import static org.jooq.impl.DSL.count;
import static strophos.server.db.Tables.DECISION;
import static strophos.server.db.Tables.THRESHOLD_CHANGE;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.judgement.Overruling;
import strophos.core.stats.Proportion;
import strophos.server.access.YardScope;

/** A yard's changed thresholds, and the choices made on advice. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class ThresholdRepository {

    private final DSLContext db;

    ThresholdRepository(DSLContext db) {
        this.db = db;
    }

    /** Puts these changes in place of the book's earlier ones. */
    void replace(String book, Map<String, Double> changes, Instant at) {
        db.deleteFrom(THRESHOLD_CHANGE).where(THRESHOLD_CHANGE.BOOK.eq(book)).execute();
        changes.forEach((name, value) -> db.insertInto(THRESHOLD_CHANGE)
                .set(THRESHOLD_CHANGE.YARD_ID, YardScope.viewer().yard())
                .set(THRESHOLD_CHANGE.BOOK, book)
                .set(THRESHOLD_CHANGE.NAME, name)
                .set(THRESHOLD_CHANGE.VALUE, value)
                .set(THRESHOLD_CHANGE.CHANGED_BY, YardScope.viewer().person())
                .set(THRESHOLD_CHANGE.CHANGED_AT, at)
                .execute());
    }

    /** How often each rule's advice was overruled in the yard, in at most so many of the latest decisions since a moment. */
    List<Overruling> overruled(Instant since, int most) {
        Table<?> latest = db.select(DECISION.RULE_BOOK, DECISION.RULE_ID, DECISION.ADVISED, DECISION.CHOSEN)
                .from(DECISION)
                .where(DECISION.DECIDED_AT.ge(since))
                .orderBy(DECISION.DECIDED_AT.desc())
                .limit(most)
                .asTable("latest");
        Field<String> advised = latest.field(DECISION.ADVISED);
        Field<String> chosen = latest.field(DECISION.CHOSEN);
        return db.select(
                        latest.field(DECISION.RULE_BOOK),
                        latest.field(DECISION.RULE_ID),
                        count().filterWhere(advised.ne(chosen)),
                        count())
                .from(latest)
                .groupBy(latest.field(DECISION.RULE_BOOK), latest.field(DECISION.RULE_ID))
                .fetch(r -> Overruling.of(r.value1(), r.value2(), new Proportion(r.value3(), r.value4())));
    }
}
