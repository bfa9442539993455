package strophos.server.access;

import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.max;
import static strophos.server.db.Tables.KNOWN_BROWSER;
import static strophos.server.db.Tables.SIGN_IN_ATTEMPT;

import java.time.Instant;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What is remembered at the door: failed sign-ins, and browsers that were let in. Outside the yard wall. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class DoorRepository {

    private final DSLContext db;

    DoorRepository(DSLContext db) {
        this.db = db;
    }

    /** Of this name from this place: an address, or the digest of what a known browser keeps. */
    Throttle.Failures failuresHere(String signInName, String place, Instant since) {
        return failures(SIGN_IN_ATTEMPT.SIGN_IN_NAME.eq(signInName).and(SIGN_IN_ATTEMPT.PLACE.eq(place)), since);
    }

    Throttle.Failures failuresOf(String signInName, Instant since) {
        return failures(SIGN_IN_ATTEMPT.SIGN_IN_NAME.eq(signInName), since);
    }

    Throttle.Failures failuresFrom(String address, Instant since) {
        return failures(SIGN_IN_ATTEMPT.ADDRESS.eq(address), since);
    }

    private Throttle.Failures failures(Condition which, Instant since) {
        return db.select(count(), max(SIGN_IN_ATTEMPT.FAILED_AT))
                .from(SIGN_IN_ATTEMPT)
                .where(which.and(SIGN_IN_ATTEMPT.FAILED_AT.gt(since)))
                .fetchSingle(r -> new Throttle.Failures(r.value1(), r.value2() == null ? since : r.value2()));
    }

    void addFailure(UUID id, String signInName, String place, String address, Instant at) {
        db.insertInto(SIGN_IN_ATTEMPT)
                .set(SIGN_IN_ATTEMPT.ID, id)
                .set(SIGN_IN_ATTEMPT.SIGN_IN_NAME, signInName)
                .set(SIGN_IN_ATTEMPT.PLACE, place)
                .set(SIGN_IN_ATTEMPT.ADDRESS, address)
                .set(SIGN_IN_ATTEMPT.FAILED_AT, at)
                .execute();
    }

    /** Failures before this time, and all of a name from the place where it got in, no longer count. */
    void forgetFailures(String signInName, String place, Instant before) {
        db.deleteFrom(SIGN_IN_ATTEMPT)
                .where(SIGN_IN_ATTEMPT
                        .SIGN_IN_NAME
                        .eq(signInName)
                        .and(SIGN_IN_ATTEMPT.PLACE.eq(place))
                        .or(SIGN_IN_ATTEMPT.FAILED_AT.lt(before)))
                .execute();
    }

    boolean isKnown(String tokenHash, String signInName) {
        return db.fetchExists(
                KNOWN_BROWSER, KNOWN_BROWSER.TOKEN_HASH.eq(tokenHash).and(KNOWN_BROWSER.SIGN_IN_NAME.eq(signInName)));
    }

    /** From now on; browsers that have not been seen for as long as they keep it are forgotten. */
    void know(String tokenHash, String signInName, Instant at) {
        db.insertInto(KNOWN_BROWSER)
                .set(KNOWN_BROWSER.TOKEN_HASH, tokenHash)
                .set(KNOWN_BROWSER.SIGN_IN_NAME, signInName)
                .set(KNOWN_BROWSER.SEEN_AT, at)
                .onConflict(KNOWN_BROWSER.TOKEN_HASH, KNOWN_BROWSER.SIGN_IN_NAME)
                .doUpdate()
                .set(KNOWN_BROWSER.SEEN_AT, at)
                .execute();
        db.deleteFrom(KNOWN_BROWSER)
                .where(KNOWN_BROWSER.SEEN_AT.lt(at.minus(KnownBrowser.KEPT)))
                .execute();
    }
}
