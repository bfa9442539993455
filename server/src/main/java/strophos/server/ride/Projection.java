package strophos.server.ride;

import static strophos.server.db.Tables.LESSON_COUNT;
import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_FACTOR;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.RIDDEN_OBSERVED;
import static strophos.server.db.Tables.RIDDEN_STOP_SIGN;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Observation;
import strophos.core.record.Answer;
import strophos.core.record.Answers;
import strophos.core.record.EarlierMark;
import strophos.core.record.Factors;
import strophos.core.record.HelpWord;
import strophos.core.record.Observations;
import strophos.core.record.Ride;
import strophos.core.record.StopSigns;
import strophos.core.state.LessonCount;
import strophos.core.welfare.GroundAndWeather;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.db.tables.records.LessonCountRecord;
import strophos.server.db.tables.records.RiddenExchangeRecord;
import strophos.server.db.tables.records.RiddenFactorRecord;
import strophos.server.db.tables.records.RiddenLessonRecord;
import strophos.server.db.tables.records.RiddenObservedRecord;
import strophos.server.db.tables.records.RiddenStopSignRecord;
import strophos.server.look.LookRepository;
import strophos.server.projection.Disposable;
import strophos.server.sql.Binds;
import strophos.server.state.CountRepository;
import strophos.server.state.LessonKey;
import strophos.server.watch.WatchRepository;
import tools.jackson.databind.json.JsonMapper;

/** The fold of each lesson, spread out for queries; made equal to it whenever an entry arrives. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class Projection {

    private final DSLContext db;
    private final LookRepository looks;
    private final WatchRepository watch;
    private final CountRepository counts;
    private final JsonMapper json;

    Projection(DSLContext db, LookRepository looks, WatchRepository watch, CountRepository counts, JsonMapper json) {
        this.db = db;
        this.looks = looks;
        this.watch = watch;
        this.counts = counts;
        this.json = json;
    }

    /** Makes the projection of this lesson equal to the ride. */
    LessonChange replace(LessonFold lesson) {
        return replace(List.of(lesson)).get(lesson.id());
    }

    /** Makes the projections of these lessons equal to their rides; the statements are few, whatever the number of lessons. */
    Map<UUID, LessonChange> replace(List<LessonFold> lessons) {
        UUID yard = YardScope.viewer().yard();
        Map<UUID, RiddenLessonRecord> before = db.selectFrom(RIDDEN_LESSON)
                .where(Binds.isAnyOf(
                        RIDDEN_LESSON.LESSON_ID,
                        lessons.stream().map(LessonFold::id).toList()))
                .fetchMap(RIDDEN_LESSON.LESSON_ID);
        Map<UUID, RiddenLessonRecord> now = new HashMap<>();
        lessons.forEach(l -> now.put(l.id(), lesson(yard, l)));
        Set<UUID> heads = now.keySet().stream()
                .filter(id -> isHeadChanged(Optional.ofNullable(before.get(id)), now.get(id)))
                .collect(Collectors.toSet());
        Set<UUID> asked = Disposable.replace(
                db,
                RIDDEN_EXCHANGE,
                RIDDEN_EXCHANGE.LESSON_ID,
                RIDDEN_EXCHANGE.ORD,
                each(lessons, l -> exchanges(yard, l)));
        Set<UUID> observed = Disposable.replace(
                db,
                RIDDEN_OBSERVED,
                RIDDEN_OBSERVED.LESSON_ID,
                RIDDEN_OBSERVED.ORD,
                each(lessons, l -> observed(yard, l)));
        Set<UUID> counted = Disposable.replace(
                db,
                LESSON_COUNT,
                LESSON_COUNT.LESSON_ID,
                LESSON_COUNT.ORD,
                each(lessons, l -> counts(l, now.get(l.id()).getStartedAt())));
        Set<UUID> factors = Disposable.replace(
                db, RIDDEN_FACTOR, RIDDEN_FACTOR.LESSON_ID, RIDDEN_FACTOR.ORD, each(lessons, l -> factors(yard, l)));
        Set<UUID> stopSigns = Disposable.replace(
                db,
                RIDDEN_STOP_SIGN,
                RIDDEN_STOP_SIGN.LESSON_ID,
                RIDDEN_STOP_SIGN.ORD,
                each(lessons, l -> stopSigns(yard, l)));
        Set<UUID> looked = looks.replace(each(lessons, l -> l.ride().looks()));
        Set<UUID> watched = watch.replace(each(lessons, l -> l.ride().marks()));
        Map<UUID, LessonChange> outcomes = new HashMap<>();
        now.forEach((id, head) -> {
            Optional<Instant> began = Optional.ofNullable(before.get(id)).map(RiddenLessonRecord::getStartedAt);
            boolean isMoved = !Objects.equals(began.orElse(null), head.getStartedAt());
            boolean isRidden = asked.contains(id) || observed.contains(id) || counted.contains(id);
            boolean isElse = factors.contains(id) || looked.contains(id) || watched.contains(id);
            outcomes.put(
                    id,
                    new LessonChange(
                            heads.contains(id) || isRidden || isElse || stopSigns.contains(id),
                            stopSigns.contains(id),
                            isMoved || isRidden
                                    ? earlier(began, Optional.ofNullable(head.getStartedAt()))
                                    : Optional.empty(),
                            head.getEndedAt() != null && head.getStartedAt() != null));
        });
        return outcomes;
    }

    private static <T> Map<UUID, T> each(List<LessonFold> lessons, Function<LessonFold, T> what) {
        Map<UUID, T> all = new LinkedHashMap<>();
        lessons.forEach(l -> all.put(l.id(), what.apply(l)));
        return all;
    }

    private List<LessonCountRecord> counts(LessonFold l, @CanBeNull Instant began) {
        return began == null
                ? List.of()
                : counts.rows(l.lesson().pair(), new LessonKey(began, l.id()), LessonCount.of(l.ride(), l.measured()));
    }

    private boolean isHeadChanged(Optional<RiddenLessonRecord> before, RiddenLessonRecord now) {
        if (before.filter(b -> isAlike(b, now)).isPresent()) {
            return false;
        }
        db.insertInto(RIDDEN_LESSON)
                .set(now)
                .onConflict(RIDDEN_LESSON.YARD_ID, RIDDEN_LESSON.LESSON_ID)
                .doUpdate()
                .set(now)
                .execute();
        return true;
    }

    /** The database writes JSON in its own way: it is compared as what it says. */
    private boolean isAlike(RiddenLessonRecord before, RiddenLessonRecord now) {
        RiddenLessonRecord same = before.copy();
        same.setYardId(before.getYardId());
        same.setLessonId(before.getLessonId());
        same.setSeen(now.getSeen());
        same.setHelped(now.getHelped());
        return same.equals(now)
                && saysTheSame(before.getSeen(), now.getSeen())
                && saysTheSame(before.getHelped(), now.getHelped());
    }

    private boolean saysTheSame(JSONB a, JSONB b) {
        return json.readTree(a.data()).equals(json.readTree(b.data()));
    }

    private static Optional<Instant> earlier(Optional<Instant> a, Optional<Instant> b) {
        return Stream.of(a, b).flatMap(Optional::stream).min(Comparator.naturalOrder());
    }

    private RiddenLessonRecord lesson(UUID yard, LessonFold lesson) {
        Ride ride = lesson.ride();
        RiddenLessonRecord row = new RiddenLessonRecord();
        row.setYardId(yard);
        row.setLessonId(lesson.id());
        row.setStartedAt(instant(ride.startedAtMs()));
        row.setEndedAt(instant(ride.endedAtMs()));
        row.setLeftMs(ride.reinMs().get(Rein.LEFT));
        row.setRightMs(ride.reinMs().get(Rein.RIGHT));
        row.setExchanges(Answers.of(ride).stream().mapToInt(Answer::asks).sum());
        row.setPairId(lesson.lesson().pair());
        row.setHeadgear(ride.headgear().orElse(null));
        ride.effort().ifPresent(e -> row.setEffort((short) e));
        GroundAndWeather day = ride.groundAndWeather();
        day.footing().ifPresent(f -> row.setFooting(f.name()));
        day.temperatureC().ifPresent(c -> row.setTemperatureC((short) c));
        day.humidityPct().ifPresent(p -> row.setHumidityPct((short) p));
        row.setSeen(JSONB.valueOf(json.writeValueAsString(EarlierMark.in(ride))));
        row.setHelped(JSONB.valueOf(json.writeValueAsString(HelpWord.in(ride))));
        return row;
    }

    private static List<RiddenObservedRecord> observed(UUID yard, LessonFold lesson) {
        List<RiddenObservedRecord> rows = new ArrayList<>();
        Map<String, Ride.Segment> segments = segments(lesson);
        // the side that was meant is written, not the one it came to: what an exercise works is the catalogue's, and
        // may change
        List<Observations.RungObservation> all =
                new ArrayList<>(Observations.of(lesson.ride(), rung -> WorkedSide.CHOSEN));
        all.addAll(lesson.measured());
        for (Observations.RungObservation at : all) {
            RiddenObservedRecord row = new RiddenObservedRecord();
            row.setYardId(yard);
            row.setLessonId(lesson.id());
            row.setOrd(rows.size());
            row.setEntryId(UUID.fromString(at.observed().entry()));
            row.setExercise(at.rung().exercise());
            row.setGait(at.rung().gait().word());
            row.setPlace(at.rung().place().word());
            row.setRein(segments.get(at.segment()).rein().name());
            row.setSide(at.observed().side().name());
            if (at.observed() instanceof Observation.Hold held) {
                row.setKind("HELD");
                row.setUnit(held.unit().name());
                row.setAmount((int) held.amount());
            } else if (at.observed() instanceof Observation.Fault fault) {
                row.setKind("FAULT");
                row.setName(fault.name());
            } else if (at.observed() instanceof Observation.InBand inBand) {
                row.setKind("IN_BAND");
                row.setInsideMs((int) inBand.inside().toMillis());
                row.setMeasuredMs((int) inBand.measured().toMillis());
            } else if (at.observed() instanceof Observation.Recovery soft) {
                row.setKind("SOFT_AGAIN");
                row.setAfterMs(soft.after().map(a -> (int) a.toMillis()).orElse(null));
            } else if (at.observed() instanceof Observation.Beats beats) {
                row.setKind("BEATS");
                row.setFeet(beats.feet().name());
                row.setLagShare(thousandths(beats.share()));
                row.setLagLow(thousandths(beats.low()));
                row.setLagHigh(thousandths(beats.high()));
            } else {
                row.setKind("FRIGHT");
            }
            rows.add(row);
        }
        return rows;
    }

    private static int thousandths(double share) {
        return (int) Math.round(share * 1000);
    }

    private static List<RiddenStopSignRecord> stopSigns(UUID yard, LessonFold lesson) {
        List<RiddenStopSignRecord> rows = new ArrayList<>();
        for (StopSigns.Sighting s : lesson.ride().stopSigns()) {
            rows.add(new RiddenStopSignRecord(
                    yard,
                    lesson.id(),
                    rows.size(),
                    UUID.fromString(s.id()),
                    UUID.fromString(s.saidBy()),
                    UUID.fromString(s.author()),
                    Instant.ofEpochMilli(s.atMs()),
                    s.sign().name(),
                    s.side().name(),
                    lesson.lesson().pair(),
                    lesson.lesson().horseId(),
                    lesson.receivedAt().apply(s.saidBy())));
        }
        return rows;
    }

    private static List<RiddenFactorRecord> factors(UUID yard, LessonFold lesson) {
        List<RiddenFactorRecord> rows = new ArrayList<>();
        for (Factors.FactorMark f : Factors.of(lesson.ride())) {
            rows.add(
                    new RiddenFactorRecord(yard, lesson.id(), rows.size(), Instant.ofEpochMilli(f.atMs()), f.factor()));
        }
        return rows;
    }

    private static List<RiddenExchangeRecord> exchanges(UUID yard, LessonFold lesson) {
        Map<String, Ride.Segment> segments = segments(lesson);
        List<RiddenExchangeRecord> rows = new ArrayList<>();
        for (Answer x : Answers.of(lesson.ride())) {
            Ride.Segment s = segments.get(x.segment());
            RiddenExchangeRecord row = new RiddenExchangeRecord();
            row.setYardId(yard);
            row.setLessonId(lesson.id());
            row.setOrd(rows.size());
            row.setEntryId(UUID.fromString(x.id()));
            row.setAt(Instant.ofEpochMilli(x.atMs()));
            row.setExercise(s.exercise());
            row.setGait(s.gait().word());
            row.setPlace(s.place().word());
            row.setRein(s.rein().name());
            row.setSide(s.side().name());
            row.setMounted(s.mounted().name());
            row.setStrength(x.strength().level());
            if (x instanceof Answer.Touch touch) {
                row.setResponse(touch.response().name());
            } else if (x instanceof Answer.Count count) {
                row.setResponse(Response.NONE.name());
                row.setGood(count.good());
                row.setOthers(count.others());
            }
            rows.add(row);
        }
        return rows;
    }

    private static Map<String, Ride.Segment> segments(LessonFold lesson) {
        return lesson.ride().segments().stream().collect(Collectors.toMap(Ride.Segment::id, s -> s));
    }

    private static Instant instant(OptionalLong ms) {
        return ms.isPresent() ? Instant.ofEpochMilli(ms.getAsLong()) : null;
    }
}
