package strophos.server.access;

import static strophos.server.db.Tables.ACCOUNT;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.db.Tables;

/** Accounts, which stand outside the yard wall. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class AccountRepository {

    private final DSLContext db;

    AccountRepository(DSLContext db) {
        this.db = db;
    }

    Optional<Account> find(String signInName) {
        return db.selectFrom(Tables.SIGN_IN(signInName))
                .fetchOptional(r -> new Account(
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
}
