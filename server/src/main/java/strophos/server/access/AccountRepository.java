package strophos.server.access;

import static strophos.server.db.Tables.ACCOUNT;
import static strophos.server.db.Tables.SIGN_IN_ATTEMPT;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.db.Tables;

/** Accounts and failed sign-ins: the tables outside the yard wall. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class AccountRepository {

    private final DSLContext db;

    AccountRepository(DSLContext db) {
        this.db = db;
    }

    record Found(String passwordHash, boolean demo, Viewer viewer) {}

    Optional<Found> find(String signInName) {
        return db.selectFrom(Tables.SIGN_IN(signInName))
                .fetchOptional(r -> new Found(
                        r.getPasswordHash(),
                        r.getDemo(),
                        new Viewer(r.getYardId(), r.getPersonId(), Role.valueOf(r.getRole()))));
    }

    /** Whether anybody can sign in at all; an installation without accounts is set up first. */
    public boolean isEmpty() {
        return !db.fetchExists(db.select(ACCOUNT.ID).from(ACCOUNT));
    }

    /** Whether somebody has this name, in whatever yard. */
    public boolean isTaken(String signInName) {
        return !db.selectFrom(Tables.SIGN_IN(signInName)).fetch().isEmpty();
    }

    /** Makes an account; the name must be free. */
    public void add(UUID id, String signInName, String passwordHash, boolean demo, Instant at) {
        db.insertInto(
                        ACCOUNT,
                        ACCOUNT.ID,
                        ACCOUNT.SIGN_IN_NAME,
                        ACCOUNT.PASSWORD_HASH,
                        ACCOUNT.DEMO,
                        ACCOUNT.CREATED_AT)
                .values(id, signInName, passwordHash, demo, at)
                .execute();
    }

    int failuresOfName(String signInName, Instant since) {
        return db.fetchCount(
                SIGN_IN_ATTEMPT, SIGN_IN_ATTEMPT.SIGN_IN_NAME.eq(signInName).and(SIGN_IN_ATTEMPT.FAILED_AT.gt(since)));
    }

    int failuresFrom(String address, Instant since) {
        return db.fetchCount(
                SIGN_IN_ATTEMPT, SIGN_IN_ATTEMPT.ADDRESS.eq(address).and(SIGN_IN_ATTEMPT.FAILED_AT.gt(since)));
    }

    void addFailure(UUID id, String signInName, String address, Instant at) {
        db.insertInto(SIGN_IN_ATTEMPT)
                .columns(
                        SIGN_IN_ATTEMPT.ID,
                        SIGN_IN_ATTEMPT.SIGN_IN_NAME,
                        SIGN_IN_ATTEMPT.ADDRESS,
                        SIGN_IN_ATTEMPT.FAILED_AT)
                .values(id, signInName, address, at)
                .execute();
    }

    /** Failures before this time, and all of a name that got in, no longer count. */
    void forgetFailures(String signInName, Instant before) {
        db.deleteFrom(SIGN_IN_ATTEMPT)
                .where(SIGN_IN_ATTEMPT.SIGN_IN_NAME.eq(signInName).or(SIGN_IN_ATTEMPT.FAILED_AT.lt(before)))
                .execute();
    }
}
