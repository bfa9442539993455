package strophos.server.state;

import static strophos.server.db.Tables.LESSON_COUNT;
import static strophos.server.db.Tables.RIDDEN_EXCHANGE;
import static strophos.server.db.Tables.RIDDEN_LESSON;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.progress.Ask;
import strophos.core.progress.WorseSide;
import strophos.core.record.EarlierMark;
import strophos.core.record.HelpWord;
import strophos.core.record.Probes;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.LessonCount;
import strophos.core.stats.Proportion;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.db.tables.records.LessonCountRecord;
import strophos.server.sql.Binds;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Lessons, counted. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class CountRepository {

    private static final String OWN = Mounted.RIDER.name();

    private static final TypeReference<List<EarlierMark>> SEEN = new TypeReference<>() {};
    private static final TypeReference<List<HelpWord>> HELPED = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper json;

    CountRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** The rows of a lesson, to be laid beside those that are kept. */
    public List<LessonCountRecord> rows(UUID pair, LessonKey of, List<LessonCount> counts) {
        List<LessonCountRecord> rows = new ArrayList<>();
        for (LessonCount c : counts) {
            rows.add(new LessonCountRecord(
                    YardScope.viewer().yard(),
                    of.lesson(),
                    rows.size(),
                    pair,
                    of.beganAt(),
                    c.key().rung().toString(),
                    c.key().rein().name(),
                    c.key().side().name(),
                    c.key().mounted().name(),
                    c.answers().toArray(Integer[]::new),
                    c.asks(),
                    c.yes(),
                    c.strengths(),
                    c.released(),
                    c.releaseMissed(),
                    c.corrected(),
                    c.letPass(),
                    c.observed(),
                    c.tallied().toArray(Integer[]::new),
                    c.slips(),
                    c.measured()));
        }
        return rows;
    }

    /** The last lessons a pair began before this one, or of all, the latest first. */
    public List<RecentLesson> lately(UUID pair, Optional<LessonKey> before, int most) {
        Field<String> touches = touches();
        Field<String> rungs = rungs();
        return db.select(
                        RIDDEN_LESSON.LESSON_ID,
                        RIDDEN_LESSON.STARTED_AT,
                        RIDDEN_LESSON.SEEN,
                        RIDDEN_LESSON.HELPED,
                        touches,
                        rungs)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .and(before.map(k -> (Condition) DSL.row(RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.LESSON_ID)
                                .lt(k.beganAt(), k.lesson()))
                        .orElseGet(DSL::trueCondition))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(most)
                .fetch(r -> lately(
                        new LessonKey(r.get(RIDDEN_LESSON.STARTED_AT), r.get(RIDDEN_LESSON.LESSON_ID)),
                        r.get(rungs),
                        r.get(RIDDEN_LESSON.SEEN),
                        r.get(RIDDEN_LESSON.HELPED),
                        r.get(touches)));
    }

    /** What was asked in a lesson, a line each: rung, who rode, how many asks. */
    private static Field<String> rungs() {
        Field<String> line = DSL.concat(
                LESSON_COUNT.RUNG,
                DSL.inline(" "),
                LESSON_COUNT.MOUNTED,
                DSL.inline(" "),
                LESSON_COUNT.ASKS.cast(SQLDataType.VARCHAR));
        return DSL.field(DSL.select(DSL.listAgg(line, ",").withinGroupOrderBy(LESSON_COUNT.ORD))
                        .from(LESSON_COUNT)
                        .where(LESSON_COUNT.LESSON_ID.eq(RIDDEN_LESSON.LESSON_ID))
                        .and(LESSON_COUNT.ASKS.gt(0)))
                .as("rungs");
    }

    /** What the own rider of a lesson was asked by single touches, a line each: rung, strength, answer. */
    private static Field<String> touches() {
        Field<String> line = DSL.concat(
                RIDDEN_EXCHANGE.EXERCISE,
                DSL.inline("."),
                DSL.lower(RIDDEN_EXCHANGE.GAIT),
                DSL.inline("."),
                DSL.lower(RIDDEN_EXCHANGE.PLACE),
                DSL.inline(" "),
                RIDDEN_EXCHANGE.STRENGTH.cast(SQLDataType.VARCHAR),
                DSL.inline(" "),
                RIDDEN_EXCHANGE.RESPONSE);
        return DSL.field(DSL.select(DSL.listAgg(line, ",").withinGroupOrderBy(RIDDEN_EXCHANGE.ORD))
                        .from(RIDDEN_EXCHANGE)
                        .where(RIDDEN_EXCHANGE.LESSON_ID.eq(RIDDEN_LESSON.LESSON_ID))
                        .and(RIDDEN_EXCHANGE.MOUNTED.eq(OWN))
                        .and(RIDDEN_EXCHANGE.GOOD.isNull()))
                .as("touches");
    }

    /** Sides, times and entries are not asked for, and stay empty. */
    private static List<Probes.RungAsk> asks(@CanBeNull String touches) {
        if (touches == null) {
            return List.of();
        }
        Map<String, RungId> rungs = new HashMap<>();
        return Arrays.stream(touches.split(","))
                .map(line -> line.split(" "))
                .map(part -> new Probes.RungAsk(
                        rungs.computeIfAbsent(part[0], RungId::of),
                        new Ask(
                                "",
                                0,
                                Side.NONE,
                                Mounted.RIDER,
                                Strength.ofLevel(Integer.parseInt(part[1])).orElseThrow(),
                                Response.valueOf(part[2]))))
                .toList();
    }

    private RecentLesson lately(
            LessonKey of, @CanBeNull String rungs, JSONB seen, JSONB helped, @CanBeNull String touches) {
        Map<RungId, Integer> own = new HashMap<>();
        if (rungs != null) {
            for (String line : rungs.split(",")) {
                String[] part = line.split(" ");
                own.merge(RungId.of(part[0]), part[1].equals(OWN) ? Integer.parseInt(part[2]) : 0, Integer::sum);
            }
        }
        return new RecentLesson(
                of.lesson(),
                of.beganAt(),
                own,
                own.keySet(),
                json.readValue(seen.data(), SEEN),
                asks(touches),
                json.readValue(helped.data(), HELPED));
    }

    /** The rungs the pair's own rider was asked on in this lesson, in the order in which they were first. */
    public List<RungId> askedInOrder(UUID lesson) {
        return db
                .select(LESSON_COUNT.RUNG)
                .from(LESSON_COUNT)
                .where(LESSON_COUNT
                        .LESSON_ID
                        .eq(lesson)
                        .and(LESSON_COUNT.MOUNTED.eq(OWN))
                        .and(LESSON_COUNT.ASKS.gt(0)))
                .orderBy(LESSON_COUNT.ORD)
                .fetch(LESSON_COUNT.RUNG)
                .stream()
                .distinct()
                .map(RungId::of)
                .toList();
    }

    /**
     * What this pair's own rider was asked on these rungs over all lessons, by the side of the horse that was worked, in at most so many
     * parts of about as many lessons each: lesson n of N lies in part ceil(n * parts / N), and in one of its own while there are no more than parts.
     */
    public List<LessonsTogether> history(UUID pair, Collection<Rung> rungs, int parts) {
        List<SideOfAsk> worked = rungs.stream().flatMap(SideOfAsk::on).toList();
        return db.resultQuery(
                        """
                        with ridden as (
                            select c.lesson_id, c.began_at,
                                row_number() over (order by c.began_at, c.lesson_id) as place, count(*) over () as lessons,
                                coalesce(sum(c.yes) filter (where w.worked = 'LEFT'), 0) as left_yes,
                                coalesce(sum(c.asks) filter (where w.worked = 'LEFT'), 0) as left_asks,
                                coalesce(sum(t.n) filter (where w.worked = 'LEFT'), 0) as left_tallied,
                                coalesce(sum(c.strengths) filter (where w.worked = 'LEFT'), 0) as left_strengths,
                                coalesce(sum(c.yes) filter (where w.worked = 'RIGHT'), 0) as right_yes,
                                coalesce(sum(c.asks) filter (where w.worked = 'RIGHT'), 0) as right_asks,
                                coalesce(sum(t.n) filter (where w.worked = 'RIGHT'), 0) as right_tallied,
                                coalesce(sum(c.strengths) filter (where w.worked = 'RIGHT'), 0) as right_strengths,
                                sum(c.yes) as yes, sum(c.asks) as asks, sum(t.n) as tallied, sum(c.strengths) as strengths
                            from lesson_count c
                            join unnest({3}::text[], {4}::text[], {5}::text[], {6}::text[]) as w (rung, rein, side, worked)
                                on w.rung = c.rung and w.rein = c.rein and w.side = c.side
                            cross join lateral (select c.tallied[1] + c.tallied[2] + c.tallied[3] + c.tallied[4]
                                + c.tallied[5] + c.tallied[6] + c.tallied[7] + c.tallied[8] as n) t
                            where c.pair_id = {0} and c.rung = any({1}) and c.mounted = 'RIDER' and c.asks > 0
                            group by c.began_at, c.lesson_id
                        ), parted as (
                            select r.*, case when lessons <= {2} then place else (place * {2} + lessons - 1) / lessons end as part
                            from ridden r
                        )
                        select (array_agg(lesson_id order by place desc))[1] as last, max(began_at) as at, count(*)::integer as lessons,
                            sum(left_yes)::integer as left_yes, sum(left_asks)::integer as left_asks, sum(left_tallied)::integer as left_tallied, sum(left_strengths)::integer as left_strengths,
                            sum(right_yes)::integer as right_yes, sum(right_asks)::integer as right_asks, sum(right_tallied)::integer as right_tallied, sum(right_strengths)::integer as right_strengths,
                            sum(yes)::integer as yes, sum(asks)::integer as asks, sum(tallied)::integer as tallied, sum(strengths)::integer as strengths
                        from parted group by part order by part
                        """,
                        DSL.val(pair),
                        Binds.texts(rungs, r -> r.id().toString()),
                        DSL.val(parts),
                        Binds.texts(worked, w -> w.rung().toString()),
                        Binds.texts(worked, w -> w.rein().name()),
                        Binds.texts(worked, w -> w.said().name()),
                        Binds.texts(worked, w -> w.worked().name()))
                .fetch(r -> new LessonsTogether(
                        r.get("last", UUID.class),
                        r.get("at", Instant.class),
                        r.get("lessons", Integer.class),
                        counted(r, "left_"),
                        counted(r, "right_"),
                        counted(r, "")));
    }

    /**
     * YES of what this pair's own rider was asked on these rungs, by strand and side of the horse, in the last lessons of each strand
     * among the last {@value WorseSide#LESSONS_BACK} of the pair.
     *
     * @param rungs by strand
     */
    public List<SidesOfStrand> sides(UUID pair, Map<String, List<Rung>> rungs) {
        List<Map.Entry<String, SideOfAsk>> worked = rungs.entrySet().stream()
                .flatMap(e -> e.getValue().stream().flatMap(SideOfAsk::on).map(w -> Map.entry(e.getKey(), w)))
                .filter(e -> e.getValue().worked() != Side.NONE)
                .toList();
        return db
                .resultQuery(
                        """
                        with recent as (
                            select lesson_id, started_at from ridden_lesson
                            where pair_id = {0} and started_at is not null order by started_at desc, lesson_id desc limit {1}
                        ), asked as (
                            select w.strand, r.started_at, r.lesson_id,
                                sum(c.yes) filter (where w.worked = 'LEFT') as left_yes,
                                sum(c.asks) filter (where w.worked = 'LEFT') as left_asks,
                                sum(c.yes) filter (where w.worked = 'RIGHT') as right_yes,
                                sum(c.asks) filter (where w.worked = 'RIGHT') as right_asks
                            from recent r
                            join lesson_count c on c.lesson_id = r.lesson_id and c.mounted = 'RIDER' and c.asks > 0
                            join unnest({2}::text[], {3}::text[], {4}::text[], {5}::text[], {6}::text[]) as w (strand, rung, rein, side, worked)
                                on w.rung = c.rung and w.rein = c.rein and w.side = c.side
                            group by w.strand, r.started_at, r.lesson_id
                        ), placed as (
                            select a.*, row_number() over (partition by strand order by started_at desc, lesson_id desc) as place from asked a
                        )
                        select strand, coalesce(left_yes, 0)::integer as left_yes, coalesce(left_asks, 0)::integer as left_asks,
                            coalesce(right_yes, 0)::integer as right_yes, coalesce(right_asks, 0)::integer as right_asks
                        from placed where place <= {7} order by strand, place desc
                        """,
                        DSL.val(pair),
                        DSL.val(WorseSide.LESSONS_BACK),
                        Binds.texts(worked, Map.Entry::getKey),
                        Binds.texts(worked, w -> w.getValue().rung().toString()),
                        Binds.texts(worked, w -> w.getValue().rein().name()),
                        Binds.texts(worked, w -> w.getValue().said().name()),
                        Binds.texts(worked, w -> w.getValue().worked().name()),
                        DSL.val(WorseSide.LESSONS))
                .fetchGroups(
                        r -> r.get("strand", String.class),
                        r -> new WorseSide.SidesOfLesson(yes(r, "left_"), yes(r, "right_")))
                .entrySet()
                .stream()
                .map(e -> new SidesOfStrand(e.getKey(), e.getValue()))
                .toList();
    }

    private static Proportion yes(Record r, String of) {
        return new Proportion(r.get(of + "yes", Integer.class), r.get(of + "asks", Integer.class));
    }

    /** What is worked on a rung, on a rein, with a side said: as core says it, for a statement to look up. */
    private record SideOfAsk(RungId rung, Rein rein, Side said, Side worked) {

        static Stream<SideOfAsk> on(Rung rung) {
            return Arrays.stream(Rein.values())
                    .flatMap(rein -> Arrays.stream(Side.values())
                            .map(said -> new SideOfAsk(
                                    rung.id(), rein, said, rung.works().on(rein, said))));
        }
    }

    private static AskCounts counted(Record r, String of) {
        return new AskCounts(
                r.get(of + "yes", Integer.class),
                r.get(of + "asks", Integer.class),
                r.get(of + "tallied", Integer.class),
                r.get(of + "strengths", Integer.class));
    }
}
