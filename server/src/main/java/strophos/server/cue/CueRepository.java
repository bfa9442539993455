package strophos.server.cue;

import static strophos.server.db.Tables.CUE;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
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

    /** Those in use, in the order of the book. */
    public Field<List<CueForRide>> forRide(UUID pair) {
        return DSL.multiset(DSL.select(CUE.ID, CUE.SIGNAL, CUE.MEANING, CUE.GAIT)
                        .from(CUE)
                        .where(CUE.PAIR_ID.eq(pair).andNot(CUE.IS_PUT_AWAY))
                        .orderBy(CUE.ID)
                        .limit(MOST))
                .convertFrom(rows -> rows.map(r -> new CueForRide(
                        r.value1(), r.value2(), r.value3(), r.value4() == null ? null : Gait.of(r.value4()))));
    }

    /** All by their ids, also those put away: what was asked by them was. */
    public Map<UUID, CueForRide> byId(UUID pair) {
        return of(pair).stream()
                .collect(Collectors.toMap(
                        StoredCue::id,
                        c -> new CueForRide(
                                c.id(),
                                c.cue().signal(),
                                c.cue().meaning(),
                                c.cue().gait())));
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
