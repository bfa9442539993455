package strophos.bench.speed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import strophos.core.cause.MarkedAsk;
import strophos.core.cause.ProbeDay;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;
import strophos.core.stair.RungId;

/** Three years of a pair: 150 lessons, 15 000 exchanges on 20 rungs, five of them a lesson, with faults marked. */
final class ThreeYears {

    static final int LESSONS = 150;
    static final int EXCHANGES = 15_000;
    private static final int RUNGS = 20;
    private static final LocalDate FIRST_DAY = LocalDate.of(2023, 6, 1);

    /** One ask, and where and when it was made. */
    record Ridden(String lesson, LocalDate day, RungId rung, Ask ask) {}

    final List<Ridden> ridden = new ArrayList<>();
    final List<MarkedAsk> told = new ArrayList<>();
    final List<ProbeDay> probes = new ArrayList<>();

    ThreeYears() {
        SplittableRandom random = new SplittableRandom(15);
        for (int lesson = 0; lesson < LESSONS; lesson++) {
            LocalDate day = FIRST_DAY.plusDays(7L * lesson);
            List<Ask> first = new ArrayList<>();
            for (int i = 0; i < EXCHANGES / LESSONS; i++) {
                RungId rung = rung((lesson / 8 + i / 20) % RUNGS);
                Ask ask = ask(random, i, lesson);
                ridden.add(new Ridden("lesson " + lesson, day, rung, ask));
                Set<String> faults = random.nextInt(3) == 0 ? Set.of("fault " + random.nextInt(12)) : Set.of();
                told.add(
                        new MarkedAsk(ask.entry(), "lesson " + lesson, "bend", ask.response() == Response.YES, faults));
                first.add(ask);
            }
            if (lesson % 4 == 0) {
                probes.add(new ProbeDay(
                        day,
                        lesson % 8 == 0 ? java.util.Optional.empty() : java.util.Optional.of("rein-back"),
                        first.subList(0, 5),
                        first.subList(20, 25)));
            }
        }
    }

    /** What is known of each rung. */
    Map<RungId, RungFacts> facts() {
        Map<RungId, Map<String, LessonFacts>> lessons = new HashMap<>();
        for (Ridden r : ridden) {
            lessons.computeIfAbsent(r.rung(), rung -> new LinkedHashMap<>())
                    .merge(
                            r.lesson(),
                            new LessonFacts(r.lesson(), r.day(), List.of(r.ask())),
                            (a, b) -> new LessonFacts(
                                    a.lesson(),
                                    a.day(),
                                    Stream.concat(a.asks().stream(), b.asks().stream())
                                            .toList()));
        }
        Map<RungId, RungFacts> facts = new HashMap<>();
        lessons.forEach((rung, all) -> facts.put(rung, new RungFacts(WorkedSide.INSIDE, List.copyOf(all.values()))));
        return facts;
    }

    static RungId rung(int n) {
        return new RungId("exercise-" + n, Gait.TROT, Place.CIRCLE);
    }

    static List<RungId> rungs() {
        List<RungId> all = new ArrayList<>();
        for (int i = 0; i < RUNGS; i++) {
            all.add(rung(i));
        }
        return all;
    }

    private static Ask ask(SplittableRandom random, int i, int lesson) {
        Response response = random.nextDouble() < 0.75
                ? Response.YES
                : Response.values()[1 + random.nextInt(Response.values().length - 1)];
        return new Ask(
                "entry " + lesson + "." + i,
                1_000L * i,
                i / 10 % 2 == 0 ? Side.LEFT : Side.RIGHT,
                Mounted.RIDER,
                Strength.values()[random.nextInt(3)],
                response);
    }
}
