package strophos.server.horse;

import static strophos.server.db.Tables.PAIN_COUNT;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/** Counts of the twenty-four behaviours; they belong to the horse, whoever rode it. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class PainCountRepository {

    private final DSLContext db;

    PainCountRepository(DSLContext db) {
        this.db = db;
    }

    /** The last counts of this pair's horse, the latest first. */
    public List<PainCount> ofHorse(UUID horse, int most) {
        return db.select(PAIN_COUNT.ID, PAIN_COUNT.SEEN, PERSON.NAME, PAIN_COUNT.COUNTED_AT)
                .from(PAIN_COUNT)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(PAIN_COUNT.YARD_ID).and(PAIR.ID.eq(PAIN_COUNT.PAIR_ID)))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAIN_COUNT.YARD_ID).and(PERSON.ID.eq(PAIN_COUNT.COUNTED_BY)))
                .where(PAIR.HORSE_ID.eq(horse))
                .orderBy(PAIN_COUNT.COUNTED_AT.desc(), PAIN_COUNT.ID.desc())
                .limit(most)
                .fetch(r -> new PainCount(
                        r.get(PAIN_COUNT.ID),
                        List.of(r.get(PAIN_COUNT.SEEN)),
                        r.get(PERSON.NAME),
                        r.get(PAIN_COUNT.COUNTED_AT)));
    }

    /** Keeps a count; a repeated id changes nothing. */
    void add(UUID pair, UUID id, List<String> seen, Instant at) {
        db.insertInto(PAIN_COUNT)
                .set(PAIN_COUNT.YARD_ID, YardScope.viewer().yard())
                .set(PAIN_COUNT.ID, id)
                .set(PAIN_COUNT.PAIR_ID, pair)
                .set(PAIN_COUNT.SEEN, seen.toArray(String[]::new))
                .set(PAIN_COUNT.COUNTED_BY, YardScope.viewer().person())
                .set(PAIN_COUNT.COUNTED_AT, at)
                .onConflictDoNothing()
                .execute();
    }
}
