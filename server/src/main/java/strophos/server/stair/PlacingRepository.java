package strophos.server.stair;

import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.RUNG_PLACING;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/** What coaches said of a pair's rungs without a record, in the order it was said. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class PlacingRepository {

    private final DSLContext db;

    PlacingRepository(DSLContext db) {
        this.db = db;
    }

    /** The last ones of a pair, the latest first. */
    public List<PastPlacing> ofPair(UUID pair, int most) {
        return db.select(
                        RUNG_PLACING.ID,
                        RUNG_PLACING.PAIR_ID,
                        RUNG_PLACING.RUNG,
                        RUNG_PLACING.KNOWN,
                        PERSON.NAME,
                        RUNG_PLACING.PLACED_AT)
                .from(RUNG_PLACING)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(RUNG_PLACING.YARD_ID).and(PERSON.ID.eq(RUNG_PLACING.PLACED_BY)))
                .where(RUNG_PLACING.PAIR_ID.eq(pair))
                .orderBy(RUNG_PLACING.PLACED_AT.desc(), RUNG_PLACING.ID.desc())
                .limit(most)
                .fetch(r -> new PastPlacing(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6()));
    }

    public boolean has(UUID id) {
        return db.fetchExists(RUNG_PLACING, RUNG_PLACING.ID.eq(id));
    }

    public void add(UUID id, UUID pair, String rung, boolean isKnown, Instant at) {
        db.insertInto(RUNG_PLACING)
                .set(RUNG_PLACING.YARD_ID, YardScope.viewer().yard())
                .set(RUNG_PLACING.ID, id)
                .set(RUNG_PLACING.PAIR_ID, pair)
                .set(RUNG_PLACING.RUNG, rung)
                .set(RUNG_PLACING.KNOWN, isKnown)
                .set(RUNG_PLACING.PLACED_BY, YardScope.viewer().person())
                .set(RUNG_PLACING.PLACED_AT, at)
                .execute();
    }
}
