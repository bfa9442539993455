package strophos.server.photo;

import static strophos.server.db.Tables.HORSE_PHOTO;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/** Which pictures are photos of which horse. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class PhotoRepository {

    /** So many of a horse are listed, the latest. */
    static final int MOST = 200;

    private final DSLContext db;

    PhotoRepository(DSLContext db) {
        this.db = db;
    }

    /** The latest first. */
    List<HorsePhoto> of(UUID horse) {
        return db.selectFrom(HORSE_PHOTO)
                .where(HORSE_PHOTO.HORSE_ID.eq(horse))
                .orderBy(HORSE_PHOTO.TAKEN_ON.desc(), HORSE_PHOTO.ADDED_AT.desc(), HORSE_PHOTO.ID.desc())
                .limit(MOST)
                .fetch(r -> new HorsePhoto(
                        r.getSha256(), HorsePhoto.View.valueOf(r.getView()), r.getTakenOn(), r.getIsPutAway()));
    }

    boolean isOf(UUID horse, String sha256) {
        return db.fetchExists(HORSE_PHOTO, HORSE_PHOTO.HORSE_ID.eq(horse).and(HORSE_PHOTO.SHA256.eq(sha256)));
    }

    /** Keeps it; a repeated id changes nothing. */
    void add(UUID horse, UUID id, HorsePhoto photo, Instant at) {
        db.insertInto(HORSE_PHOTO)
                .set(HORSE_PHOTO.YARD_ID, YardScope.viewer().yard())
                .set(HORSE_PHOTO.ID, id)
                .set(HORSE_PHOTO.HORSE_ID, horse)
                .set(HORSE_PHOTO.SHA256, photo.sha256())
                .set(HORSE_PHOTO.VIEW, photo.view().name())
                .set(HORSE_PHOTO.TAKEN_ON, photo.takenOn())
                .set(HORSE_PHOTO.IS_PUT_AWAY, photo.isPutAway())
                .set(HORSE_PHOTO.ADDED_BY, YardScope.viewer().person())
                .set(HORSE_PHOTO.ADDED_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    void putAway(UUID horse, String sha256, boolean isPutAway) {
        db.update(HORSE_PHOTO)
                .set(HORSE_PHOTO.IS_PUT_AWAY, isPutAway)
                .where(HORSE_PHOTO.HORSE_ID.eq(horse).and(HORSE_PHOTO.SHA256.eq(sha256)))
                .execute();
    }
}
