package strophos.server.invite;

import static strophos.server.db.Tables.GUARDIANSHIP;
import static strophos.server.db.Tables.INVITATION;
import static strophos.server.db.Tables.INVITED;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.Role;
import strophos.server.access.YardScope;

/** Invitations and the people they are for. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class InvitationRepository {

    private final DSLContext db;

    InvitationRepository(DSLContext db) {
        this.db = db;
    }

    /** A pair's rider and the rider's guardians. */
    List<Person> peopleOf(UUID rider) {
        return db.select(PERSON.ID, PERSON.NAME, PERSON.ROLE, PERSON.ACCOUNT_ID)
                .from(PERSON)
                .where(PERSON.ID
                        .eq(rider)
                        .or(PERSON.ID.in(db.select(GUARDIANSHIP.GUARDIAN_ID)
                                .from(GUARDIANSHIP)
                                .where(GUARDIANSHIP.WARD_ID.eq(rider)))))
                .orderBy(PERSON.ROLE.desc(), PERSON.NAME, PERSON.ID)
                .fetch(r -> new Person(r.value1(), r.value2(), Role.valueOf(r.value3()), r.value4() != null));
    }

    void add(UUID id, UUID person, String tokenHash, Instant at, Instant expiresAt) {
        db.insertInto(INVITATION)
                .set(INVITATION.YARD_ID, YardScope.viewer().yard())
                .set(INVITATION.ID, id)
                .set(INVITATION.PERSON_ID, person)
                .set(INVITATION.TOKEN_HASH, tokenHash)
                .set(INVITATION.MADE_BY, YardScope.viewer().person())
                .set(INVITATION.MADE_AT, at)
                .set(INVITATION.EXPIRES_AT, expiresAt)
                .execute();
    }

    /** Whom an unused, unexpired token is for. Asked before any yard is known. */
    Optional<OpenInvitation> find(String tokenHash, Instant at) {
        return db.selectFrom(INVITED(tokenHash, at))
                .fetchOptional(r -> new OpenInvitation(
                        r.getYardId(),
                        r.getInvitationId(),
                        r.getPersonId(),
                        r.getName(),
                        Role.valueOf(r.getRole()),
                        r.getYardName()));
    }

    /** Whether the invitation was unused and is used now, by this account. */
    boolean use(OpenInvitation invited, UUID account, Instant at) {
        int used = db.update(INVITATION)
                .set(INVITATION.USED_AT, at)
                .where(INVITATION.ID.eq(invited.invitation()).and(INVITATION.USED_AT.isNull()))
                .execute();
        return used == 1
                && db.update(PERSON)
                                .set(PERSON.ACCOUNT_ID, account)
                                .where(PERSON.ID.eq(invited.person()).and(PERSON.ACCOUNT_ID.isNull()))
                                .execute()
                        == 1;
    }
}
