package strophos.server.setup;

import static strophos.server.db.Tables.GUARDIANSHIP;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.YARD;

import java.time.Instant;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.Role;
import strophos.server.access.YardScope;

/** Yards and their people. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class YardRepository {

    /** Any number, the same everywhere: two servers must not set up at once. */
    private static final long INSTALLATION_LOCK = 7_421_990_112L;

    private final DSLContext db;

    YardRepository(DSLContext db) {
        this.db = db;
    }

    void lockInstallation() {
        db.select(DSL.function("pg_advisory_xact_lock", Object.class, DSL.val(INSTALLATION_LOCK)))
                .fetch();
    }

    public void addYard(UUID id, String name, String timeZone, Instant at) {
        db.insertInto(YARD, YARD.YARD_ID, YARD.NAME, YARD.TIME_ZONE, YARD.CREATED_AT)
                .values(id, name, timeZone, at)
                .execute();
    }

    /** Marks the yard as a demo finished at this time: what is added later is somebody's own work. */
    public void markDemo(Instant at) {
        db.update(YARD).set(YARD.DEMO_MADE_AT, at).execute();
    }

    /** @param account may be null: most riders have none yet */
    public void addPerson(UUID id, String name, Role role, UUID account, Instant at) {
        db.insertInto(PERSON, PERSON.YARD_ID, PERSON.ID, PERSON.NAME, PERSON.ROLE, PERSON.ACCOUNT_ID, PERSON.CREATED_AT)
                .values(YardScope.viewer().yard(), id, name, role.name(), account, at)
                .execute();
    }

    public void addGuardianship(UUID guardian, UUID ward) {
        db.insertInto(GUARDIANSHIP, GUARDIANSHIP.YARD_ID, GUARDIANSHIP.GUARDIAN_ID, GUARDIANSHIP.WARD_ID)
                .values(YardScope.viewer().yard(), guardian, ward)
                .execute();
    }
}
