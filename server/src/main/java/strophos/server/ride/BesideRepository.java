package strophos.server.ride;

import static strophos.server.db.Tables.CONTACT_BAND;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.contact.Band;
import strophos.core.record.AfterRiding;
import strophos.core.record.Payload;
import strophos.server.attachment.ConsentSubject;
import strophos.server.attachment.Consents;
import strophos.server.cue.CueRepository;
import strophos.server.intake.IntakeRepository;
import strophos.server.lesson.Lesson;
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
    private final Consents consents;
    private final TackRepository tack;
    private final IntakeRepository intakes;
    private final EntryRepository entries;
    private final CueRepository cues;

    BesideRepository(
            DSLContext db,
            LookRepository looks,
            WatchRepository watch,
            Consents consents,
            TackRepository tack,
            IntakeRepository intakes,
            EntryRepository entries,
            CueRepository cues) {
        this.db = db;
        this.looks = looks;
        this.watch = watch;
        this.consents = consents;
        this.tack = tack;
        this.intakes = intakes;
        this.entries = entries;
        this.cues = cues;
    }

    BesideLesson of(Lesson of, Instant now, ZoneId zone) {
        UUID pair = of.pair();
        Field<List<StoredLook>> before = looks.before(pair, now, of.id(), GHOSTS);
        LocalDate day = LocalDate.ofInstant(now, zone);
        Field<List<WatchItem>> onWatch = watch.of(pair, day, zone);
        return db.select(
                        before,
                        onWatch,
                        consents.mayKeep(ConsentSubject.VOICE, pair),
                        tack.headgear(pair, day),
                        intakes.forRide(pair),
                        entries.nextTimeBefore(of),
                        band(pair),
                        cues.forRide(pair),
                        consents.mayKeep(ConsentSubject.PICTURES, pair))
                .fetchSingle(r -> new BesideLesson(
                        r.value1(),
                        r.value2(),
                        Boolean.TRUE.equals(r.value3()),
                        Optional.ofNullable(r.value4()),
                        r.value5(),
                        AfterRiding.of(RideLog.fold(r.value6())).nextTime().map(Payload.NextTime::text),
                        Optional.ofNullable(r.value7()),
                        r.value8(),
                        Boolean.TRUE.equals(r.value9())));
    }

    /** Null where nobody has said. */
    private static Field<Band> band(UUID pair) {
        return DSL.field(
                DSL.select(DSL.row(CONTACT_BAND.LOW_KG, CONTACT_BAND.HIGH_KG).mapping(Band.class, Band::new))
                        .from(CONTACT_BAND)
                        .where(CONTACT_BAND.PAIR_ID.eq(pair)));
    }
}
