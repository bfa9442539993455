package strophos.server.rules;

import static strophos.server.db.Tables.THRESHOLD_CHANGE;
import static strophos.server.db.Tables.YARD;

import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.OncePerTransaction;
import strophos.server.access.YardScope;

/** What holds in the viewer's yard whatever is asked: its time zone, and its changes to the rule books. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class YardSettings {

    private final DSLContext db;
    private final OncePerTransaction<ZoneAndChanges> known = new OncePerTransaction<>(this::read);

    YardSettings(DSLContext db) {
        this.db = db;
    }

    /**
     * What a yard holds.
     *
     * @param changes of thresholds, by book and name
     */
    private record ZoneAndChanges(
            ZoneId zone, Optional<LibraryStamp> library, Map<String, Map<String, Double>> changes) {}

    /** Only one at a time changes what belongs to the whole yard, until the transaction ends. */
    public void lock() {
        db.select(YARD.YARD_ID)
                .from(YARD)
                .where(YARD.YARD_ID.eq(YardScope.viewer().yard()))
                .forNoKeyUpdate()
                .fetch();
    }

    public ZoneId zone() {
        return known.get().zone();
    }

    /** Empty while the yard has made nothing of its own. */
    public Optional<LibraryStamp> library() {
        return known.get().library();
    }

    /** The changes of one book, by threshold. */
    Map<String, Double> changes(String book) {
        return known.get().changes().getOrDefault(book, Map.of());
    }

    /** Something of it was changed in this transaction. */
    public void forget() {
        known.forget();
    }

    private ZoneAndChanges read() {
        Map<String, Map<String, Double>> changes = new HashMap<>();
        var rows = db.select(
                        YARD.TIME_ZONE,
                        THRESHOLD_CHANGE.BOOK,
                        THRESHOLD_CHANGE.NAME,
                        THRESHOLD_CHANGE.VALUE,
                        YARD.LIBRARY_STAMP,
                        YARD.LIBRARY_REJUDGED)
                .from(YARD)
                .leftJoin(THRESHOLD_CHANGE)
                .on(THRESHOLD_CHANGE.YARD_ID.eq(YARD.YARD_ID))
                .fetch();
        rows.stream()
                .filter(r -> r.value2() != null)
                .forEach(r -> changes.computeIfAbsent(r.value2(), book -> new HashMap<>())
                        .put(r.value3(), r.value4()));
        var yard = rows.get(0);
        return new ZoneAndChanges(
                ZoneId.of(yard.value1()),
                Optional.ofNullable(yard.value5()).map(stamp -> new LibraryStamp(stamp, yard.value6())),
                changes);
    }
}
