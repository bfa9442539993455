package strophos.server.pause;

import static strophos.server.db.Tables.CONTACT;
import static strophos.server.db.Tables.PAIR;

import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;

/** Whom to call: the yard's numbers, and those of its horses. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class ContactRepository {

    private final DSLContext db;
    private final Supplier<UUID> ids;

    ContactRepository(DSLContext db, Supplier<UUID> ids) {
        this.db = db;
        this.ids = ids;
    }

    /** The yard's, and those of the horses whose pairs the viewer may see. */
    List<Contact> visible() {
        return db.selectFrom(CONTACT)
                .where(CONTACT.HORSE_ID
                        .isNull()
                        .or(CONTACT.HORSE_ID.in(
                                DSL.select(PAIR.HORSE_ID).from(PAIR).where(VisiblePairs.to(YardScope.viewer())))))
                .orderBy(CONTACT.HORSE_ID.nullsLast(), CONTACT.ORD, CONTACT.ID)
                .fetch(r -> new Contact(r.getHorseId(), ContactKind.valueOf(r.getKind()), r.getName(), r.getPhone()));
    }

    /** Puts these in place of all there were: of the horse, or of the yard where it is null. */
    void replace(@CanBeNull UUID horse, List<Contact> contacts) {
        Condition which = horse == null ? CONTACT.HORSE_ID.isNull() : CONTACT.HORSE_ID.eq(horse);
        db.deleteFrom(CONTACT).where(which).execute();
        int ord = 0;
        for (Contact c : contacts) {
            db.insertInto(CONTACT)
                    .set(CONTACT.YARD_ID, YardScope.viewer().yard())
                    .set(CONTACT.ID, ids.get())
                    .set(CONTACT.HORSE_ID, horse)
                    .set(CONTACT.ORD, ord++)
                    .set(CONTACT.KIND, c.kind().name())
                    .set(CONTACT.NAME, c.name())
                    .set(CONTACT.PHONE, c.phone())
                    .execute();
        }
    }
}
