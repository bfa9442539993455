package strophos.server.state;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.Observation;
import strophos.core.progress.RungFacts;
import strophos.core.stair.RungId;
import strophos.server.sql.Binds;

/** What lessons gave on rungs, as far back as a rung is judged. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class RiddenRepository {

    private final DSLContext db;

    RiddenRepository(DSLContext db) {
        this.db = db;
    }

    /** What was ridden in a lesson on a rung. */
    private record LessonOfRung(UUID pair, LessonKey lesson, RungId rung) {}

    private static final class Sitting {
        private final List<Ask> asks = new ArrayList<>();
        private final List<Observation> observed = new ArrayList<>();
    }

    /**
     * What is known under the pair's own rider, lesson by lesson and each by its key, whatever the planner thinks of the tables: of each rung that is wanted its last lessons, and of these lessons all rungs.
     *
     * @param lessons beside those of the rungs wanted
     * @param works the side of the horse that a rung works
     */
    RiddenFacts ridden(
            Collection<RungUpTo> wanted,
            Collection<BegunLesson> lessons,
            Function<RungId, WorkedSide> works,
            ZoneId zone) {
        Map<LessonOfRung, Sitting> sittings = new HashMap<>();
        Map<LessonOfRung, Boolean> isLast = new HashMap<>();
        db.resultQuery(
                        """
                        with lessons as (
                            select w.pair_id, w.rung, c.began_at, c.lesson_id, true as is_last
                            from unnest({0}::uuid[], {1}::text[], {2}::timestamptz[], {3}::uuid[]) as w (pair_id, rung, began_at, lesson_id)
                            cross join lateral (
                                select c.began_at, c.lesson_id from lesson_count c
                                where c.pair_id = w.pair_id and c.rung = w.rung and c.mounted = 'RIDER' and (c.asks > 0 or c.observed > 0)
                                    and (c.began_at, c.lesson_id) <= (w.began_at, w.lesson_id)
                                group by c.began_at, c.lesson_id
                                order by c.began_at desc, c.lesson_id desc
                                limit {9}) c
                            union all
                            select * from unnest({4}::uuid[], {5}::text[], {6}::timestamptz[], {7}::uuid[], {8}::boolean[])
                        )
                        select l.*, x.ord, x.entry_id, x.at, x.rein, x.side, x.strength, x.response as word, null::text as kind, null::text as unit,
                            x.good, x.others
                        from lessons l
                        cross join lateral (
                            select * from ridden_exchange x
                            where x.lesson_id = l.lesson_id and x.mounted = 'RIDER'
                                and x.exercise || '.' || lower(x.gait) || '.' || lower(x.place) = l.rung
                            offset 0) x
                        union all
                        select l.*, o.ord, o.entry_id, null, o.rein, o.side, o.amount, o.name, o.kind, o.unit, null, null
                        from lessons l
                        cross join lateral (
                            select * from ridden_observed o
                            where o.lesson_id = l.lesson_id
                                and o.exercise || '.' || lower(o.gait) || '.' || lower(o.place) = l.rung
                            offset 0) o
                        order by began_at, lesson_id, rung, ord
                        """,
                        Binds.texts(wanted, w -> w.pair().toString()),
                        Binds.texts(wanted, w -> w.rung().toString()),
                        Binds.texts(wanted, w -> w.upTo().beganAt().toString()),
                        Binds.texts(wanted, w -> w.upTo().lesson().toString()),
                        Binds.texts(eachRung(lessons), w -> w.pair().toString()),
                        Binds.texts(eachRung(lessons), w -> w.rung().toString()),
                        Binds.texts(eachRung(lessons), w -> w.upTo().beganAt().toString()),
                        Binds.texts(eachRung(lessons), w -> w.upTo().lesson().toString()),
                        Binds.texts(eachRung(lessons), w -> "false"),
                        DSL.inline(RungFacts.LESSONS))
                .forEach(r -> {
                    LessonOfRung on = new LessonOfRung(
                            r.get("pair_id", UUID.class),
                            new LessonKey(r.get("began_at", Instant.class), r.get("lesson_id", UUID.class)),
                            RungId.of(r.get("rung", String.class)));
                    isLast.merge(on, r.get("is_last", Boolean.class), (a, b) -> a || b);
                    add(sittings.computeIfAbsent(on, o -> new Sitting()), r, works.apply(on.rung()));
                });
        return ridden(sittings, isLast, zone);
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
                            e.getValue().asks,
                            e.getValue().observed);
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

    private static List<RungUpTo> eachRung(Collection<BegunLesson> lessons) {
        return lessons.stream()
                .flatMap(l -> l.rungs().stream().map(rung -> new RungUpTo(l.pair(), rung, l.key())))
                .toList();
    }

    private static void add(Sitting sitting, Record r, WorkedSide works) {
        String entry = r.get("entry_id", UUID.class).toString();
        Side side = works.on(Rein.valueOf(r.get("rein", String.class)), Side.valueOf(r.get("side", String.class)));
        String word = r.get("word", String.class);
        String kind = r.get("kind", String.class);
        Integer number = r.get("strength", Integer.class);
        if (kind == null) {
            sitting.asks.addAll(asks(entry, side, r));
        } else {
            sitting.observed.add(
                    switch (kind) {
                        case "HELD" ->
                            new Observation.Hold(entry, side, HoldUnit.valueOf(r.get("unit", String.class)), number);
                        case "FAULT" -> new Observation.Fault(entry, side, word);
                        default -> new Observation.Fright(entry, side);
                    });
        }
    }

    private static List<Ask> asks(String entry, Side side, Record r) {
        long atMs = r.get("at", Instant.class).toEpochMilli();
        Strength strength = Strength.ofLevel(r.get("strength", Integer.class)).orElseThrow();
        Integer good = r.get("good", Integer.class);
        return good == null
                ? List.of(new Ask(
                        entry, atMs, side, Mounted.RIDER, strength, Response.valueOf(r.get("word", String.class))))
                : Ask.tallied(entry, atMs, side, Mounted.RIDER, strength, good, r.get("others", Integer.class));
    }
}
