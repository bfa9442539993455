package strophos.server.rules;

import static strophos.server.db.Tables.DECISION;
import static strophos.server.db.Tables.THRESHOLD_CHANGE;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.judgement.Overruling;
import strophos.server.access.YardScope;

/** A yard's changed thresholds, and the choices made on advice. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class ThresholdRepository {

    private final DSLContext db;

    ThresholdRepository(DSLContext db) {
        this.db = db;
    }

    /** The changes of one book, by threshold. */
    Map<String, Double> changes(String book) {
        return db.select(THRESHOLD_CHANGE.NAME, THRESHOLD_CHANGE.VALUE)
                .from(THRESHOLD_CHANGE)
                .where(THRESHOLD_CHANGE.BOOK.eq(book))
                .fetchMap(THRESHOLD_CHANGE.NAME, THRESHOLD_CHANGE.VALUE);
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

    /** Every choice made on an advice in this yard. */
    List<Overruling.Choice> choices() {
        return db.select(DECISION.RULE_BOOK, DECISION.RULE_ID, DECISION.ADVISED, DECISION.CHOSEN)
                .from(DECISION)
                .orderBy(DECISION.DECIDED_AT, DECISION.ID)
                .fetch(r -> new Overruling.Choice(r.value1(), r.value2(), r.value3(), r.value4()));
    }
}
