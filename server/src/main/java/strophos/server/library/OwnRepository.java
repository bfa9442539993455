package strophos.server.library;

import static strophos.server.db.Tables.OWN_ITEM;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.YARD;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record7;
import org.jooq.SelectJoinStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;
import tools.jackson.databind.json.JsonMapper;

/** What a yard made itself, version by version. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class OwnRepository {

    private final DSLContext db;
    private final JsonMapper json;
    private final Supplier<UUID> ids;

    OwnRepository(DSLContext db, JsonMapper json, Supplier<UUID> ids) {
        this.db = db;
        this.json = json;
        this.ids = ids;
    }

    /** The last version of each of this kind, in the order in which they were first made. */
    <T> List<OwnItem<T>> all(OwnItem.Kind kind, Class<T> body) {
        var latest = DSL.select(
                        OWN_ITEM.ID,
                        DSL.max(OWN_ITEM.VERSION).as("version"),
                        DSL.min(OWN_ITEM.MADE_AT).as("first"))
                .from(OWN_ITEM)
                .where(OWN_ITEM.KIND.eq(kind.name()))
                .groupBy(OWN_ITEM.ID)
                .asTable("latest");
        return items().join(latest)
                .on(latest.field(OWN_ITEM.ID)
                        .eq(OWN_ITEM.ID)
                        .and(latest.field("version", Integer.class).eq(OWN_ITEM.VERSION)))
                .where(OWN_ITEM.KIND.eq(kind.name()))
                .orderBy(latest.field("first"), OWN_ITEM.ID)
                .fetch(r -> item(r, body));
    }

    /** The last version of this one. */
    <T> Optional<OwnItem<T>> find(OwnItem.Kind kind, String id, Class<T> body) {
        return items().where(is(kind, id))
                .orderBy(OWN_ITEM.VERSION.desc())
                .limit(1)
                .fetchOptional(r -> item(r, body));
    }

    /** So many of its versions, the last first. */
    <T> List<OwnItem<T>> versions(OwnItem.Kind kind, String id, Class<T> body, int most) {
        return items().where(is(kind, id))
                .orderBy(OWN_ITEM.VERSION.desc())
                .limit(most)
                .fetch(r -> item(r, body));
    }

    /** Keeps the next version of it; the catalogue of the yard is another one from here on. */
    void add(OwnItem.Kind kind, String id, int version, Object body, boolean isPutAway, Instant at) {
        db.insertInto(OWN_ITEM)
                .set(OWN_ITEM.YARD_ID, YardScope.viewer().yard())
                .set(OWN_ITEM.KIND, kind.name())
                .set(OWN_ITEM.ID, id)
                .set(OWN_ITEM.VERSION, version)
                .set(OWN_ITEM.BODY, JSONB.valueOf(json.writeValueAsString(body)))
                .set(OWN_ITEM.PUT_AWAY, isPutAway)
                .set(OWN_ITEM.MADE_BY, YardScope.viewer().person())
                .set(OWN_ITEM.MADE_AT, at)
                .execute();
    }

    /** @param isRejudged a rung that was there before has another way back */
    void stamp(boolean isRejudged) {
        db.update(YARD)
                .set(YARD.LIBRARY_STAMP, ids.get())
                .set(YARD.LIBRARY_REJUDGED, YARD.LIBRARY_REJUDGED.plus(isRejudged ? 1 : 0))
                .where(YARD.YARD_ID.eq(YardScope.viewer().yard()))
                .execute();
    }

    private SelectJoinStep<Record7<String, Integer, JSONB, Boolean, String, Instant, UUID>> items() {
        return db.select(
                        OWN_ITEM.ID,
                        OWN_ITEM.VERSION,
                        OWN_ITEM.BODY,
                        OWN_ITEM.PUT_AWAY,
                        PERSON.NAME,
                        OWN_ITEM.MADE_AT,
                        OWN_ITEM.YARD_ID)
                .from(OWN_ITEM)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(OWN_ITEM.YARD_ID).and(PERSON.ID.eq(OWN_ITEM.MADE_BY)));
    }

    private static Condition is(OwnItem.Kind kind, String id) {
        return OWN_ITEM.KIND.eq(kind.name()).and(OWN_ITEM.ID.eq(id));
    }

    private <T> OwnItem<T> item(Record7<String, Integer, JSONB, Boolean, String, Instant, UUID> r, Class<T> body) {
        return new OwnItem<>(
                r.value1(), r.value2(), json.readValue(r.value3().data(), body), r.value4(), r.value5(), r.value6());
    }
}
