package strophos.server.homework;

import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.min;
import static org.jooq.impl.DSL.sum;
import static strophos.server.db.Tables.ASSIGNMENT;
import static strophos.server.db.Tables.PRACTICE;

import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.Feel;

/** What a pair did at home, over months. Which pairs are visible is asked before. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class PracticeDays {

    private final DSLContext db;

    PracticeDays(DSLContext db) {
        this.db = db;
    }

    /** The last practices of a rung, in order. */
    public List<HomePractice> ofRung(UUID pair, String rung, int most) {
        var last = db.select(PRACTICE.COUNTED_AT, PRACTICE.FEEL)
                .from(PRACTICE)
                .join(ASSIGNMENT)
                .on(ASSIGNMENT.YARD_ID.eq(PRACTICE.YARD_ID).and(ASSIGNMENT.ID.eq(PRACTICE.ASSIGNMENT_ID)))
                .where(ASSIGNMENT.PAIR_ID.eq(pair).and(PRACTICE.RUNG.eq(rung)))
                .and(PRACTICE.SECOND_BEST.isFalse())
                .orderBy(PRACTICE.COUNTED_AT.desc(), PRACTICE.ID.desc())
                .limit(most)
                .asTable("last");
        return db.selectFrom(last)
                .orderBy(last.field(PRACTICE.COUNTED_AT))
                .fetch(r -> new HomePractice(
                        r.get(last.field(PRACTICE.COUNTED_AT)), Feel.valueOf(r.get(last.field(PRACTICE.FEEL)))));
    }

    /** The last programmes of a pair, the latest first. */
    public List<ProgrammeSum> programmes(UUID pair, int most) {
        return db.select(
                        ASSIGNMENT.PROGRAMME,
                        min(PRACTICE.COUNTED_AT),
                        count(),
                        sum(PRACTICE.LEFT_S.plus(PRACTICE.RIGHT_S)))
                .from(ASSIGNMENT)
                .join(PRACTICE)
                .on(ASSIGNMENT.YARD_ID.eq(PRACTICE.YARD_ID).and(ASSIGNMENT.ID.eq(PRACTICE.ASSIGNMENT_ID)))
                .where(ASSIGNMENT.PAIR_ID.eq(pair).and(ASSIGNMENT.PROGRAMME.isNotNull()))
                .groupBy(ASSIGNMENT.ID, ASSIGNMENT.PROGRAMME)
                .orderBy(min(PRACTICE.COUNTED_AT).desc())
                .limit(most)
                .fetch(r -> new ProgrammeSum(
                        r.value1(), r.value2(), r.value3(), r.value4().intValue()));
    }
}
