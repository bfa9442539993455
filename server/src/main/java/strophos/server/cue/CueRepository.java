package strophos.server.cue;

import static strophos.server.db.Tables.CUE;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Gait;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.CueRecord;

/** The cues of pairs. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class CueRepository {

    /** So many a pair, put away or not. */
    static final int MOST = 80;

    private final DSLContext db;

    CueRepository(DSLContext db) {
        this.db = db;
    }

    /** In the order of the book: as they were written in, those put away last. */
    List<StoredCue> of(UUID pair) {
        return db.selectFrom(CUE)
                .where(CUE.PAIR_ID.eq(pair))
                .orderBy(CUE.IS_PUT_AWAY, CUE.ID)
                .limit(MOST)
                .fetch(r -> new StoredCue(
                        r.getId(),
                        r.getVersion(),
                        new CueForm(
                                r.getSignal(),
                                r.getMeaning(),
                                r.getGait() == null ? null : Gait.of(r.getGait()),
                                r.getSince(),
                                r.getIsProven(),
                                r.getIsPutAway())));
    }

    int count(UUID pair) {
        return db.fetchCount(CUE, CUE.PAIR_ID.eq(pair));
    }

    /** Whether the cue was at this version (0: not there) and is now this. */
    public boolean change(UUID pair, UUID id, int version, CueForm c, Instant at) {
        CueRecord row = db.newRecord(CUE);
        row.setSignal(c.signal());
        row.setMeaning(c.meaning());
        row.setGait(c.gait() == null ? null : c.gait().word());
        row.setSince(c.since());
        row.setIsProven(c.isProven());
        row.setIsPutAway(c.isPutAway());
        row.setVersion(version + 1);
        row.setChangedBy(YardScope.viewer().person());
        row.setChangedAt(at);
        if (version > 0) {
            return db.update(CUE)
                            .set(row)
                            .where(CUE.ID.eq(id).and(CUE.PAIR_ID.eq(pair)).and(CUE.VERSION.eq(version)))
                            .execute()
                    == 1;
        }
        row.setYardId(YardScope.viewer().yard());
        row.setId(id);
        row.setPairId(pair);
        return db.insertInto(CUE).set(row).onConflictDoNothing().execute() == 1;
    }
}
