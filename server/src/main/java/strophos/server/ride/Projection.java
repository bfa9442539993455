package strophos.server.ride;

import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.RIDDEN_OBSERVED;
import static strophos.server.db.Tables.RIDDEN_STOP_SIGN;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.UUID;
import org.jooq.BatchBindStep;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Rein;
import strophos.core.progress.Observed;
import strophos.core.record.Answers;
import strophos.core.record.Factors;
import strophos.core.record.Observations;
import strophos.core.record.Ride;
import strophos.core.record.StopSigns;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.RiddenExchangeRecord;
import strophos.server.db.tables.records.RiddenFactorRecord;
import strophos.server.db.tables.records.RiddenObservedRecord;
import strophos.server.db.tables.records.RiddenStopSignRecord;
import strophos.server.look.LookRepository;
import strophos.server.watch.WatchRepository;

/** The fold of each lesson, spread out for queries; made equal to it whenever an entry arrives. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class Projection {

    private final DSLContext db;
    private final LookRepository looks;
    private final WatchRepository watch;

    Projection(DSLContext db, LookRepository looks, WatchRepository watch) {
        this.db = db;
        this.looks = looks;
        this.watch = watch;
    }

    void replace(UUID lesson, Ride ride) {
        UUID yard = YardScope.viewer().yard();
        List<Ride.Exchange> answers = Answers.of(ride);
        db.deleteFrom(RIDDEN_FACTOR).where(RIDDEN_FACTOR.LESSON_ID.eq(lesson)).execute();
        db.deleteFrom(RIDDEN_OBSERVED)
                .where(RIDDEN_OBSERVED.LESSON_ID.eq(lesson))
                .execute();
        db.deleteFrom(RIDDEN_STOP_SIGN)
                .where(RIDDEN_STOP_SIGN.LESSON_ID.eq(lesson))
                .execute();
        db.deleteFrom(RIDDEN_LESSON).where(RIDDEN_LESSON.LESSON_ID.eq(lesson)).execute();
        db.insertInto(RIDDEN_LESSON)
                .set(RIDDEN_LESSON.YARD_ID, yard)
                .set(RIDDEN_LESSON.LESSON_ID, lesson)
                .set(RIDDEN_LESSON.STARTED_AT, instant(ride.startedAtMs()))
                .set(RIDDEN_LESSON.ENDED_AT, instant(ride.endedAtMs()))
                .set(RIDDEN_LESSON.LEFT_MS, ride.reinMs().get(Rein.LEFT))
                .set(RIDDEN_LESSON.RIGHT_MS, ride.reinMs().get(Rein.RIGHT))
                .set(RIDDEN_LESSON.EXCHANGES, answers.size())
                .execute();
        exchanges(lesson, rows(yard, lesson, ride.segments(), answers));
        factors(yard, lesson, Factors.of(ride));
        observed(yard, lesson, Observations.of(ride));
        stopSigns(yard, lesson, ride.stopSigns());
        looks.replace(lesson, ride.looks());
        watch.replace(lesson, ride.marks());
    }

    /** Writes what changed: a lesson that is ridden only gets longer, and is not written anew at each touch. */
    private void exchanges(UUID lesson, List<RiddenExchangeRecord> rows) {
        List<RiddenExchangeRecord> before = db.selectFrom(RIDDEN_EXCHANGE)
                .where(RIDDEN_EXCHANGE.LESSON_ID.eq(lesson))
                .orderBy(RIDDEN_EXCHANGE.ORD)
                .fetch();
        int alike = 0;
        while (alike < Math.min(rows.size(), before.size()) && rows.get(alike).equals(before.get(alike))) {
            alike++;
        }
        if (alike < before.size()) {
            db.deleteFrom(RIDDEN_EXCHANGE)
                    .where(RIDDEN_EXCHANGE.LESSON_ID.eq(lesson).and(RIDDEN_EXCHANGE.ORD.ge(alike)))
                    .execute();
        }
        if (alike < rows.size()) {
            // one statement for all: working it out for each row took most of the time
            BatchBindStep fresh = db.batch(db.insertInto(RIDDEN_EXCHANGE, RIDDEN_EXCHANGE.fields())
                    .values(new Object[RIDDEN_EXCHANGE.fields().length]));
            rows.subList(alike, rows.size()).forEach(row -> fresh.bind(row.intoArray()));
            fresh.execute();
        }
    }

    private void observed(UUID yard, UUID lesson, List<Observations.At> observed) {
        List<RiddenObservedRecord> rows = new ArrayList<>();
        for (Observations.At at : observed) {
            RiddenObservedRecord row = db.newRecord(RIDDEN_OBSERVED);
            row.setYardId(yard);
            row.setLessonId(lesson);
            row.setOrd(rows.size());
            row.setEntryId(UUID.fromString(at.observed().entry()));
            row.setExercise(at.rung().exercise());
            row.setGait(at.rung().gait().word());
            row.setPlace(at.rung().place().word());
            row.setRein(at.observed().rein().name());
            if (at.observed() instanceof Observed.Held held) {
                row.setKind("HELD");
                row.setUnit(held.unit().name());
                row.setAmount((int) held.amount());
            } else if (at.observed() instanceof Observed.Fault fault) {
                row.setKind("FAULT");
                row.setName(fault.name());
            } else {
                row.setKind("FRIGHT");
            }
            rows.add(row);
        }
        if (!rows.isEmpty()) {
            db.insertInto(RIDDEN_OBSERVED, RIDDEN_OBSERVED.fields())
                    .valuesOfRecords(rows)
                    .execute();
        }
    }

    private void stopSigns(UUID yard, UUID lesson, List<StopSigns.Seen> signs) {
        List<RiddenStopSignRecord> rows = new ArrayList<>();
        for (StopSigns.Seen s : signs) {
            rows.add(new RiddenStopSignRecord(
                    yard,
                    lesson,
                    rows.size(),
                    UUID.fromString(s.id()),
                    UUID.fromString(s.saidBy()),
                    UUID.fromString(s.author()),
                    Instant.ofEpochMilli(s.atMs()),
                    s.sign().name(),
                    s.side().name()));
        }
        if (!rows.isEmpty()) {
            db.insertInto(RIDDEN_STOP_SIGN, RIDDEN_STOP_SIGN.fields())
                    .valuesOfRecords(rows)
                    .execute();
        }
    }

    private void factors(UUID yard, UUID lesson, List<Factors.At> factors) {
        List<RiddenFactorRecord> rows = new ArrayList<>();
        for (Factors.At f : factors) {
            rows.add(new RiddenFactorRecord(yard, lesson, rows.size(), Instant.ofEpochMilli(f.atMs()), f.factor()));
        }
        if (!rows.isEmpty()) {
            db.insertInto(RIDDEN_FACTOR, RIDDEN_FACTOR.fields())
                    .valuesOfRecords(rows)
                    .execute();
        }
    }

    private List<RiddenExchangeRecord> rows(
            UUID yard, UUID lesson, List<Ride.Segment> ridden, List<Ride.Exchange> answers) {
        Map<String, Ride.Segment> segments = new HashMap<>();
        ridden.forEach(s -> segments.put(s.id(), s));
        List<RiddenExchangeRecord> rows = new ArrayList<>();
        for (Ride.Exchange x : answers) {
            Ride.Segment s = segments.get(x.segment());
            RiddenExchangeRecord row = db.newRecord(RIDDEN_EXCHANGE);
            row.setYardId(yard);
            row.setLessonId(lesson);
            row.setOrd(rows.size());
            row.setEntryId(UUID.fromString(x.id()));
            row.setAt(Instant.ofEpochMilli(x.atMs()));
            row.setExercise(s.exercise());
            row.setGait(s.gait().word());
            row.setPlace(s.place().word());
            row.setRein(s.rein().name());
            row.setMounted(s.mounted().name());
            row.setStrength(x.strength().level());
            row.setResponse(x.response().name());
            rows.add(row);
        }
        return rows;
    }

    private static Instant instant(OptionalLong ms) {
        return ms.isPresent() ? Instant.ofEpochMilli(ms.getAsLong()) : null;
    }
}
