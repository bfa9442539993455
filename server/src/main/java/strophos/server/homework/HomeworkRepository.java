package strophos.server.homework;

import static strophos.server.db.Tables.ASSIGNMENT;
import static strophos.server.db.Tables.LOOK_IN;
import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.PRACTICE;

import com.fasterxml.jackson.annotation.JsonFormat;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSON;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.Assignment;
import strophos.core.homework.Dose;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Feel;
import strophos.core.homework.Gate;
import strophos.core.homework.ReportTime;
import strophos.core.homework.Step;
import strophos.core.homework.Verdict;
import strophos.core.pause.StopSign;
import strophos.core.stair.RungId;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.AssignmentRecord;
import strophos.server.db.tables.records.PracticeRecord;
import strophos.server.sql.Binds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Assignments, practices and look-ins. Which pairs are visible is asked before. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class HomeworkRepository {

    private final DSLContext db;
    private final JsonMapper json;

    HomeworkRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** A step as kept; {@code gate} is null where that of the assignment holds. */
    private record StepJson(String rung, int amount, DoseRange.Unit unit, int secondsARein, GateJson gate) {}

    /** A gate as kept; {@code goodShare} is null where no counts are asked for. */
    private record GateJson(int easyRunning, int minDays, Double goodShare) {
        static GateJson of(Gate gate) {
            return new GateJson(
                    gate.easyRunning(),
                    gate.minDays(),
                    gate.goodShare().isPresent() ? gate.goodShare().getAsDouble() : null);
        }

        Gate gate() {
            return new Gate(
                    easyRunning, minDays, goodShare == null ? OptionalDouble.empty() : OptionalDouble.of(goodShare));
        }
    }

    /**
     * A report as the database tells it among many, in the order of its columns: read as one text, which is many times quicker than row by
     * row. Its own time may be anything, also what no other program reads: it is not among these.
     */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    private record ReportJson(
            UUID id,
            UUID assignmentId,
            UUID authorId,
            int step,
            String rung,
            OffsetDateTime countedAt,
            int leftS,
            int rightS,
            Feel feel,
            int leftGood,
            int leftCounted,
            int rightGood,
            int rightCounted,
            List<StopSign> stopSigns,
            String question,
            boolean secondBest,
            boolean isTimeOdd,
            OffsetDateTime receivedAt) {

        ReceivedPractice reported() {
            return new ReceivedPractice(
                    new Practice(
                            id,
                            assignmentId,
                            authorId,
                            step,
                            rung,
                            countedAt.toInstant(),
                            leftS,
                            rightS,
                            feel,
                            leftGood,
                            leftCounted,
                            rightGood,
                            rightCounted,
                            stopSigns.stream().sorted().toList(),
                            question,
                            secondBest,
                            isTimeOdd),
                    receivedAt.toInstant());
        }
    }

    void add(StoredAssignment a) {
        Assignment of = a.assignment();
        db.insertInto(ASSIGNMENT)
                .set(ASSIGNMENT.YARD_ID, YardScope.viewer().yard())
                .set(ASSIGNMENT.ID, a.id())
                .set(ASSIGNMENT.PAIR_ID, a.pair())
                .set(ASSIGNMENT.LESSON_ID, a.lesson())
                .set(ASSIGNMENT.RUNG, a.rung())
                .set(
                        ASSIGNMENT.STEPS,
                        JSONB.valueOf(json.writeValueAsString(of.steps().stream()
                                .map(s -> new StepJson(
                                        s.rung().toString(),
                                        s.dose().amount(),
                                        s.dose().unit(),
                                        s.dose().secondsARein(),
                                        s.gate().map(GateJson::of).orElse(null)))
                                .toList())))
                .set(ASSIGNMENT.FIRST_STEP, of.first())
                .set(ASSIGNMENT.GATE, JSONB.valueOf(json.writeValueAsString(GateJson.of(of.gate()))))
                .set(ASSIGNMENT.PROGRAMME, a.programme())
                .set(ASSIGNMENT.DAYS_A_WEEK, of.daysAWeek())
                .set(ASSIGNMENT.BRAND_NEW, of.isBrandNew())
                .set(ASSIGNMENT.SET_ON, of.setOn())
                .set(ASSIGNMENT.SET_BY, YardScope.viewer().person())
                .set(ASSIGNMENT.SET_AT, a.setAt())
                .execute();
    }

    void end(UUID assignment, Instant at) {
        db.update(ASSIGNMENT)
                .set(ASSIGNMENT.ENDED_AT, at)
                .where(ASSIGNMENT.ID.eq(assignment).and(ASSIGNMENT.ENDED_AT.isNull()))
                .execute();
    }

    /** Those of these pairs that ran at this time, in the order they were set. */
    List<RunningAssignment> running(Collection<UUID> pairs, Instant at) {
        return running(
                Binds.isAnyOf(ASSIGNMENT.PAIR_ID, pairs)
                        .and(ASSIGNMENT.SET_AT.le(at))
                        .and(isNotEnded(at)),
                at);
    }

    /** Those of these pairs that run now, in the order they were set. */
    List<RunningAssignment> runningNow(Collection<UUID> pairs, Instant now) {
        // what ended long ago lies outside the index of what runs
        return running(
                Binds.isAnyOf(ASSIGNMENT.PAIR_ID, pairs)
                        .and(ASSIGNMENT.SET_AT.le(now))
                        .and(ASSIGNMENT.ENDED_AT.isNull()),
                now);
    }

    /** This one, and those of its pair that ran at this time. */
    List<RunningAssignment> runningBeside(StoredAssignment of, Instant at) {
        return running(
                ASSIGNMENT
                        .ID
                        .eq(of.id())
                        .or(ASSIGNMENT
                                .PAIR_ID
                                .eq(of.pair())
                                .and(ASSIGNMENT.SET_AT.le(at))
                                .and(isNotEnded(at))),
                at);
    }

    private static Condition isNotEnded(Instant at) {
        return ASSIGNMENT.ENDED_AT.isNull().or(ASSIGNMENT.ENDED_AT.gt(at));
    }

    private List<RunningAssignment> running(Condition which, Instant at) {
        // a phone's clock may run ahead of ours: a practice counts once it is known or begun
        Field<List<ReceivedPractice>> reports = DSL.field(
                        "(select coalesce(json_agg(json_build_array(id, assignment_id, author_id, step, rung, counted_at, left_s,"
                                + " right_s, feel, left_good, left_counted, right_good, right_counted, stop_signs, question,"
                                + " second_best, counted_at is distinct from started_at, received_at) order by counted_at, id), '[]')"
                                + " from practice where assignment_id = {0} and least(counted_at, received_at) <= {1})",
                        JSON.class, ASSIGNMENT.ID, DSL.val(at))
                .convertFrom(rows -> Arrays.stream(json.readValue(rows.data(), ReportJson[].class))
                        .map(ReportJson::reported)
                        .toList());
        Field<List<LookIn>> lookIns = DSL.multiset(DSL.select(LOOK_IN.fields())
                        .select(PERSON.NAME)
                        .from(LOOK_IN)
                        .join(PERSON)
                        .on(PERSON.YARD_ID.eq(LOOK_IN.YARD_ID).and(PERSON.ID.eq(LOOK_IN.ANSWERED_BY)))
                        .where(LOOK_IN.ASSIGNMENT_ID.eq(ASSIGNMENT.ID).and(LOOK_IN.ANSWERED_AT.lt(at)))
                        .orderBy(LOOK_IN.ANSWERED_AT, LOOK_IN.ID))
                .convertFrom(rows -> rows.map(HomeworkRepository::lookIn));
        return db.select(ASSIGNMENT.fields())
                .select(reports, lookIns)
                .from(ASSIGNMENT)
                .where(which)
                .orderBy(ASSIGNMENT.SET_AT, ASSIGNMENT.ID)
                .fetch(r -> new RunningAssignment(stored(r.into(ASSIGNMENT)), r.get(reports), r.get(lookIns)));
    }

    /** Those that run now, of the pairs the viewer may see, without their reports. */
    List<Glance> glances(Instant now) {
        return db.resultQuery(
                        """
                        select coalesce(json_agg(json_build_array(
                            a.id, a.pair_id, pair.horse_id, a.set_at, a.set_on, a.brand_new,
                            array(select s ->> 'rung' from jsonb_array_elements(a.steps) s), l.at,
                            p.practices > 0 or exists (select 1 from practice where assignment_id = a.id),
                            p.practices, p.question, p.stop_sign, p.stopped, p.felt)), '[]')
                        from pair
                        join assignment a on a.yard_id = pair.yard_id and a.pair_id = pair.id
                        cross join lateral (
                            select max(answered_at) as at, coalesce(max(answered_at), '-infinity') as since
                            from look_in where assignment_id = a.id and answered_at < {1}
                            offset 0) l
                        cross join lateral (
                            select count(*) as practices, coalesce(bool_or(question is not null), false) as question,
                                coalesce(bool_or(stop_signs <> '{}'), false) as stop_sign,
                                coalesce(bool_or(stop_signs && {2}::text[]), false) as stopped,
                                coalesce(array_agg(feel order by received_at, counted_at, id) filter (where not second_best), '{}') as felt
                            from practice where assignment_id = a.id and received_at > l.since) p
                        where {0} and a.set_at <= {1} and a.ended_at is null
                        """,
                        VisiblePairs.to(YardScope.viewer()),
                        DSL.val(now),
                        Binds.texts(StopSign.STOPS_HOMEWORK, StopSign::name))
                .fetchOne(r -> List.of(json.readValue(r.get(0, JSON.class).data(), Glance[].class)));
    }

    Optional<StoredAssignment> find(UUID id) {
        return db.selectFrom(ASSIGNMENT).where(ASSIGNMENT.ID.eq(id)).fetchOptional(this::stored);
    }

    private StoredAssignment stored(AssignmentRecord r) {
        List<StepJson> steps = json.readValue(r.getSteps().data(), new TypeReference<List<StepJson>>() {});
        GateJson gate = json.readValue(r.getGate().data(), GateJson.class);
        return new StoredAssignment(
                r.getId(),
                r.getPairId(),
                r.getLessonId(),
                r.getRung(),
                r.getProgramme(),
                new Assignment(
                        steps.stream()
                                .map(s -> new Step(
                                        RungId.of(s.rung()),
                                        new Dose(s.amount(), s.unit(), s.secondsARein()),
                                        Optional.ofNullable(s.gate()).map(GateJson::gate)))
                                .toList(),
                        r.getFirstStep(),
                        gate.gate(),
                        r.getDaysAWeek(),
                        r.getSetOn(),
                        r.getBrandNew()),
                r.getSetAt(),
                r.getEndedAt());
    }

    Optional<Practice> practice(UUID id) {
        return db.selectFrom(PRACTICE).where(PRACTICE.ID.eq(id)).fetchOptional(HomeworkRepository::practice);
    }

    void add(Practice p, Instant receivedAt) {
        db.insertInto(PRACTICE)
                .set(PRACTICE.YARD_ID, YardScope.viewer().yard())
                .set(PRACTICE.ID, p.id())
                .set(PRACTICE.ASSIGNMENT_ID, p.assignment())
                .set(PRACTICE.AUTHOR_ID, p.author())
                .set(PRACTICE.STEP, p.step())
                .set(PRACTICE.RUNG, p.rung())
                .set(PRACTICE.STARTED_AT, p.startedAt())
                .set(PRACTICE.COUNTED_AT, countedAt(p.startedAt(), receivedAt))
                .set(PRACTICE.LEFT_S, p.leftS())
                .set(PRACTICE.RIGHT_S, p.rightS())
                .set(PRACTICE.FEEL, p.feel().name())
                .set(PRACTICE.LEFT_GOOD, p.leftGood())
                .set(PRACTICE.LEFT_COUNTED, p.leftCounted())
                .set(PRACTICE.RIGHT_GOOD, p.rightGood())
                .set(PRACTICE.RIGHT_COUNTED, p.rightCounted())
                .set(
                        PRACTICE.STOP_SIGNS,
                        p.stopSigns().stream().map(StopSign::name).toArray(String[]::new))
                .set(PRACTICE.QUESTION, p.question())
                .set(PRACTICE.SECOND_BEST, p.secondBest())
                .set(PRACTICE.RECEIVED_AT, receivedAt)
                .execute();
    }

    private static Practice practice(PracticeRecord r) {
        return new Practice(
                r.getId(),
                r.getAssignmentId(),
                r.getAuthorId(),
                r.getStep(),
                r.getRung(),
                r.getCountedAt(),
                r.getLeftS(),
                r.getRightS(),
                Feel.valueOf(r.getFeel()),
                r.getLeftGood(),
                r.getLeftCounted(),
                r.getRightGood(),
                r.getRightCounted(),
                Arrays.stream(r.getStopSigns()).map(StopSign::valueOf).sorted().toList(),
                r.getQuestion(),
                r.getSecondBest(),
                !r.getCountedAt().equals(r.getStartedAt()));
    }

    private static Instant countedAt(Instant startedAt, Instant receivedAt) {
        return Instant.ofEpochMilli(ReportTime.countedFromMs(startedAt.toEpochMilli(), receivedAt.toEpochMilli()));
    }

    private static LookIn lookIn(Record r) {
        return new LookIn(
                r.get(LOOK_IN.ID),
                Verdict.valueOf(r.get(LOOK_IN.VERDICT)),
                r.get(LOOK_IN.ADVISED) == null ? null : Verdict.valueOf(r.get(LOOK_IN.ADVISED)),
                r.get(LOOK_IN.SENTENCE),
                r.get(PERSON.NAME),
                r.get(LOOK_IN.ANSWERED_AT));
    }

    boolean hasLookIn(UUID id) {
        return db.fetchExists(db.selectOne().from(LOOK_IN).where(LOOK_IN.ID.eq(id)));
    }

    void add(UUID assignment, LookIn a) {
        db.insertInto(LOOK_IN)
                .set(LOOK_IN.YARD_ID, YardScope.viewer().yard())
                .set(LOOK_IN.ID, a.id())
                .set(LOOK_IN.ASSIGNMENT_ID, assignment)
                .set(LOOK_IN.VERDICT, a.verdict().name())
                .set(
                        LOOK_IN.ADVISED,
                        a.advised() == null
                                ? DSL.castNull(String.class)
                                : DSL.val(a.advised().name()))
                .set(LOOK_IN.SENTENCE, a.sentence())
                .set(LOOK_IN.ANSWERED_BY, YardScope.viewer().person())
                .set(LOOK_IN.ANSWERED_AT, a.at())
                .execute();
    }
}
