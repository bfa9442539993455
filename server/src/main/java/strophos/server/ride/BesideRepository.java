package strophos.server.ride;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.attachment.VoiceConsents;
import strophos.server.intake.IntakeRepository;
import strophos.server.look.LookRepository;
import strophos.server.look.StoredLook;
import strophos.server.tack.TackRepository;
import strophos.server.watch.WatchItem;
import strophos.server.watch.WatchRepository;

/** What lies beside a lesson's pad, from the lessons before it: one statement. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class BesideRepository {

    /** So many earlier looks stand behind a new one. */
    private static final int GHOSTS = 3;

    private final DSLContext db;
    private final LookRepository looks;
    private final WatchRepository watch;
    private final VoiceConsents voices;
    private final TackRepository tack;
    private final IntakeRepository intakes;

    BesideRepository(
            DSLContext db,
            LookRepository looks,
            WatchRepository watch,
            VoiceConsents voices,
            TackRepository tack,
            IntakeRepository intakes) {
        this.db = db;
        this.looks = looks;
        this.watch = watch;
        this.voices = voices;
        this.tack = tack;
        this.intakes = intakes;
    }

    BesideLesson of(UUID pair, UUID lesson, Instant now, ZoneId zone) {
        Field<List<StoredLook>> before = looks.before(pair, now, lesson, GHOSTS);
        LocalDate day = LocalDate.ofInstant(now, zone);
        Field<List<WatchItem>> onWatch = watch.of(pair, day, zone);
        return db.select(before, onWatch, voices.mayRecord(pair), tack.headgear(pair, day), intakes.forRide(pair))
                .fetchSingle(r -> new BesideLesson(
                        r.value1(),
                        r.value2(),
                        Boolean.TRUE.equals(r.value3()),
                        Optional.ofNullable(r.value4()),
                        r.value5()));
    }
}
