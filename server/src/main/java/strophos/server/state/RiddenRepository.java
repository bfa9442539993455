package strophos.server.state;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.change.LessonRates;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.Instrument;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.Observation;
import strophos.core.progress.RungFacts;
import strophos.core.stair.RungId;
import strophos.core.state.Judge;
import strophos.core.stats.Proportion;
import strophos.server.sql.Binds;
import strophos.server.sql.Lines;

/** What lessons gave on rungs, as far back as a rung is judged. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class RiddenRepository {

    private static final double THOUSAND = 1000;

    private final DSLContext db;

    RiddenRepository(DSLContext db) {
        this.db = db;
    }

    /** What was ridden in a lesson on a rung. */
    private record LessonOfRung(UUID pair, LessonKey lesson, RungId rung) {}

    private record Sitting(List<Ask> asks, List<Observation> observed) {}

    /**
     * What is known under the pair's own rider, lesson by lesson and each by its key, whatever the planner thinks of the tables: of each rung that is wanted its last lessons, and of these lessons all rungs.
     *
     * @param lessons beside those of the rungs wanted
     * @param judge knows the side of the horse that a rung works, and what measures on a rung
     */
    RiddenFacts ridden(Collection<RungUpTo> wanted, Collection<BegunLesson> lessons, Judge judge, ZoneId zone) {
        Map<LessonOfRung, Sitting> sittings = new HashMap<>();
        Map<LessonOfRung, Boolean> isLast = new HashMap<>();
        // of a thousand asks there are a few dozen words
        Map<String, AskWord> words = new HashMap<>();
        List<RungUpTo> each = eachRung(lessons, judge);
        db.resultQuery(
                        """
                        with lessons as (
                            select w.pair_id, w.rung, c.began_at, c.lesson_id, true as is_last, w.instrument
                            from unnest({0}::uuid[], {1}::text[], {2}::timestamptz[], {3}::uuid[], {10}::text[])
                                as w (pair_id, rung, began_at, lesson_id, instrument)
                            cross join lateral (
                                select c.began_at, c.lesson_id from lesson_count c
                                where c.pair_id = w.pair_id and c.rung = w.rung and c.mounted = 'RIDER'
                                    and (c.asks > 0 or c.observed > 0 or (w.instrument <> '' and c.measured > 0))
                                    and (c.began_at, c.lesson_id) <= (w.began_at, w.lesson_id)
                                group by c.began_at, c.lesson_id
                                order by c.began_at desc, c.lesson_id desc
                                limit {9}) c
                            union all
                            select * from unnest({4}::uuid[], {5}::text[], {6}::timestamptz[], {7}::uuid[], {8}::boolean[], {11}::text[])
                        ), parts as (
                            select *, split_part(rung, '.', 1) as exercise, split_part(rung, '.', 2) as gait, split_part(rung, '.', 3) as place
                            from lessons
                        )
                        select l.pair_id, l.rung, l.began_at, l.lesson_id, bool_or(l.is_last) as is_last, min(a.lines) as asks, min(o.lines) as observed
                        from parts l
                        cross join lateral (
                            select string_agg(concat_ws('|', x.entry_id, (date_part('epoch', x.at) * 1000)::bigint,
                                concat_ws(' ', x.rein, x.side, x.strength, x.response), x.good, x.others), ';' order by x.ord) as lines
                            from ridden_exchange x
                            where x.lesson_id = l.lesson_id and x.mounted = 'RIDER'
                                and x.exercise = l.exercise and lower(x.gait) = l.gait and lower(x.place) = l.place) a
                        cross join lateral (
                            select string_agg(concat_ws('|', o.entry_id, o.rein, o.side, o.kind, coalesce(o.name, o.feet, ''),
                                coalesce(o.unit, ''), o.amount, o.inside_ms, o.measured_ms, o.after_ms, o.lag_share, o.lag_low, o.lag_high), ';' order by o.ord) as lines
                            from ridden_observed o
                            where o.lesson_id = l.lesson_id
                                and o.exercise = l.exercise and lower(o.gait) = l.gait and lower(o.place) = l.place
                                and (o.kind in ('HELD', 'FAULT', 'FRIGHT')
                                    or (l.instrument = 'SENSOR' and o.kind in ('IN_BAND', 'SOFT_AGAIN'))
                                    or (l.instrument = 'CLIP' and o.kind = 'BEATS'))) o
                        where a.lines is not null or o.lines is not null
                        group by 1, 2, 3, 4
                        """,
                        Binds.texts(wanted, w -> w.pair().toString()),
                        Binds.texts(wanted, w -> w.rung().toString()),
                        Binds.texts(wanted, w -> w.upTo().beganAt().toString()),
                        Binds.texts(wanted, w -> w.upTo().lesson().toString()),
                        Binds.texts(each, w -> w.pair().toString()),
                        Binds.texts(each, w -> w.rung().toString()),
                        Binds.texts(each, w -> w.upTo().beganAt().toString()),
                        Binds.texts(each, w -> w.upTo().lesson().toString()),
                        Binds.texts(each, w -> "false"),
                        DSL.inline(RungFacts.LESSONS),
                        Binds.texts(wanted, RiddenRepository::instrument),
                        Binds.texts(each, RiddenRepository::instrument))
                .forEach(r -> {
                    LessonOfRung on = new LessonOfRung(
                            r.get(0, UUID.class),
                            new LessonKey(r.get(2, Instant.class), r.get(3, UUID.class)),
                            RungId.of(r.get(1, String.class)));
                    WorkedSide side = judge.works(on.rung());
                    isLast.put(on, r.get(4, Boolean.class));
                    sittings.put(
                            on,
                            new Sitting(
                                    Lines.of(r.get(5, String.class))
                                            .<Ask>mapMulti((a, to) ->
                                                    asks(a, words.computeIfAbsent(a[2], AskWord::of), side, to))
                                            .toList(),
                                    Lines.of(r.get(6, String.class))
                                            .map(o -> observed(o, side))
                                            .toList()));
                });
        return ridden(sittings, isLast, zone);
    }

    /**
     * What share of the asks under the pair's own rider was answered YES in each of the same last lessons, the earliest first. Far less is
     * read than for the facts.
     */
    Map<UUID, List<LessonRates>> rates(Collection<RungUpTo> wanted, Judge judge) {
        Map<UUID, RungId> rungs = new HashMap<>();
        wanted.forEach(w -> rungs.put(w.pair(), w.rung()));
        Map<UUID, List<LessonRates>> rates = new HashMap<>();
        db.resultQuery(
                        """
                        select w.pair_id, string_agg(
                            concat_ws('|', c.lesson_id, c.rein, c.side, c.yes, c.asks), ';' order by c.began_at, c.lesson_id) as lines
                        from unnest({0}::uuid[], {1}::text[], {2}::text[]) as w (pair_id, rung, instrument)
                        cross join lateral (
                            select * from (
                                select c.began_at, c.lesson_id, c.rein, c.side, c.yes, c.asks,
                                    dense_rank() over (order by c.began_at desc, c.lesson_id desc) as place
                                from lesson_count c
                                where c.pair_id = w.pair_id and c.rung = w.rung and c.mounted = 'RIDER'
                                    and (c.asks > 0 or c.observed > 0 or (w.instrument <> '' and c.measured > 0))) l
                            where l.place <= {3}) c
                        group by w.pair_id
                        """,
                        Binds.texts(wanted, w -> w.pair().toString()),
                        Binds.texts(wanted, w -> w.rung().toString()),
                        Binds.texts(wanted, RiddenRepository::instrument),
                        DSL.inline(RungFacts.LESSONS))
                .forEach(r -> {
                    UUID pair = r.get(0, UUID.class);
                    rates.put(pair, rates(Lines.of(r.get(1, String.class)), judge.works(rungs.get(pair))));
                });
        return rates;
    }

    private static List<LessonRates> rates(Stream<String[]> lines, WorkedSide works) {
        Map<String, Map<Side, Proportion>> byLesson = new LinkedHashMap<>();
        lines.forEach(line -> {
            Map<Side, Proportion> bySide = byLesson.computeIfAbsent(line[0], lesson -> new EnumMap<>(Side.class));
            Proportion yes = new Proportion(Integer.parseInt(line[3]), Integer.parseInt(line[4]));
            if (!yes.isEmpty()) {
                bySide.merge(side(line, works), yes, Proportion::plus);
            }
        });
        return byLesson.entrySet().stream()
                .map(e -> new LessonRates(e.getKey(), e.getValue()))
                .toList();
    }

    private static RiddenFacts ridden(
            Map<LessonOfRung, Sitting> sittings, Map<LessonOfRung, Boolean> isLast, ZoneId zone) {
        Map<UUID, Map<RungId, List<LessonFacts>>> last = new HashMap<>();
        Map<UUID, Map<RungId, LessonFacts>> byLesson = new HashMap<>();
        sittings.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<LessonOfRung, Sitting> e) ->
                                e.getKey().lesson().beganAt())
                        .thenComparing(e -> e.getKey().lesson().lesson().toString()))
                .forEach(e -> {
                    LessonOfRung on = e.getKey();
                    LessonFacts facts = new LessonFacts(
                            on.lesson().lesson().toString(),
                            LocalDate.ofInstant(on.lesson().beganAt(), zone),
                            e.getValue().asks(),
                            e.getValue().observed());
                    byLesson.computeIfAbsent(on.lesson().lesson(), l -> new HashMap<>())
                            .put(on.rung(), facts);
                    if (isLast.get(on)) {
                        last.computeIfAbsent(on.pair(), p -> new HashMap<>())
                                .computeIfAbsent(on.rung(), rung -> new ArrayList<>())
                                .add(facts);
                    }
                });
        return new RiddenFacts(last, byLesson);
    }

    private static List<RungUpTo> eachRung(Collection<BegunLesson> lessons, Judge judge) {
        return lessons.stream()
                .flatMap(l ->
                        l.rungs().stream().map(rung -> new RungUpTo(l.pair(), rung, l.key(), judge.instrument(rung))))
                .toList();
    }

    private static Side side(String[] line, WorkedSide works) {
        return works.on(Rein.valueOf(line[1]), Side.valueOf(line[2]));
    }

    private static Observation observed(String[] line, WorkedSide works) {
        return switch (line[3]) {
            case "HELD" ->
                new Observation.Hold(line[0], side(line, works), HoldUnit.valueOf(line[5]), Integer.parseInt(line[6]));
            case "FAULT" -> new Observation.Fault(line[0], side(line, works), line[4]);
            case "IN_BAND" -> new Observation.InBand(line[0], side(line, works), ms(line[6]), ms(line[7]));
            case "SOFT_AGAIN" ->
                new Observation.Recovery(
                        line[0], side(line, works), line.length > 6 ? Optional.of(ms(line[6])) : Optional.empty());
            case "BEATS" ->
                new Observation.Beats(
                        line[0],
                        side(line, works),
                        Side.valueOf(line[4]),
                        share(line[6]),
                        share(line[7]),
                        share(line[8]));
            default -> new Observation.Fright(line[0], side(line, works));
        };
    }

    private static String instrument(RungUpTo wanted) {
        return wanted.instrument().map(Instrument::name).orElse("");
    }

    /** Of thousandths of the stride. */
    private static double share(String text) {
        return Integer.parseInt(text) / THOUSAND;
    }

    private static Duration ms(String text) {
        return Duration.ofMillis(Long.parseLong(text));
    }

    /** How something was asked, and answered. */
    private record AskWord(Rein rein, Side side, Strength strength, Response response) {

        static AskWord of(String word) {
            String[] of = word.split(" ");
            return new AskWord(
                    Rein.valueOf(of[0]),
                    Side.valueOf(of[1]),
                    Strength.ofLevel(Integer.parseInt(of[2])).orElseThrow(),
                    Response.valueOf(of[3]));
        }
    }

    private static void asks(String[] line, AskWord word, WorkedSide works, Consumer<Ask> to) {
        long atMs = Long.parseLong(line[1]);
        Side side = works.on(word.rein(), word.side());
        if (line.length > 3) {
            int good = Integer.parseInt(line[3]);
            int others = Integer.parseInt(line[4]);
            Ask.tallied(line[0], atMs, side, Mounted.RIDER, word.strength(), good, others)
                    .forEach(to);
        } else {
            to.accept(new Ask(line[0], atMs, side, Mounted.RIDER, word.strength(), word.response()));
        }
    }
}
