package strophos.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.core.exchange.Mounted;
import strophos.core.progress.Decision;
import strophos.core.stair.PairRecord;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.server.Settings;
import strophos.server.access.Viewer;
import strophos.server.debrief.AdviceView;
import strophos.server.debrief.Debrief;
import strophos.server.debrief.Decide;
import strophos.server.debrief.NewDecision;
import strophos.server.lesson.LessonRepository;
import strophos.server.pair.DecisionRepository;
import strophos.server.pair.PairRepository;
import strophos.server.pair.StairReader;
import strophos.server.ride.RideLog;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Twelve weeks of Imre and Tamarack, two lessons a week, recorded and decided through the doors everybody uses. */
@Component
@Profile("demo")
class DemoHistory {

    private static final int WEEKS = 12;
    private static final int LESSON_MINUTES = 45;

    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final DecisionRepository decisions;
    private final StairReader stairs;
    private final RideLog log;
    private final Debrief debrief;
    private final Decide decide;
    private final Catalogue catalogue;
    private final JsonMapper json;
    private final Supplier<UUID> ids;
    private final Clock clock;
    private final SplittableRandom random;

    DemoHistory(
            LessonRepository lessons,
            PairRepository pairs,
            DecisionRepository decisions,
            StairReader stairs,
            RideLog log,
            Debrief debrief,
            Decide decide,
            Catalogue catalogue,
            JsonMapper json,
            Supplier<UUID> ids,
            Clock clock,
            Settings settings) {
        this.lessons = lessons;
        this.pairs = pairs;
        this.decisions = decisions;
        this.stairs = stairs;
        this.log = log;
        this.debrief = debrief;
        this.decide = decide;
        this.catalogue = catalogue;
        this.json = json;
        this.ids = ids;
        this.clock = clock;
        this.random = new SplittableRandom(settings.demoSeed());
    }

    /** Plans, rides and decides every lesson up to yesterday. */
    void make(Viewer coach, UUID pair, ZoneId zone) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        UUID device = ids.get();
        int count = 2 * WEEKS;
        for (int i = 0; i < count; i++) {
            // three and four days apart in turn, the last one three days ago
            LocalDate day = today.minusDays(3 + (7L * (count - 1 - i) + 1) / 2);
            Instant planned = day.atTime(LocalTime.of(17, 15)).atZone(zone).toInstant();
            UUID lesson = ids.get();
            lessons.add(lesson, pair, planned, LESSON_MINUTES, planned);
            Instant end = ride(coach, pair, lesson, device, planned, i, count);
            decideAll(pair, lesson, end);
        }
    }

    private Instant ride(Viewer coach, UUID pair, UUID lesson, UUID device, Instant planned, int index, int count) {
        double closed = (double) index / (count - 1);
        LessonScript script =
                new LessonScript(lesson, device, coach.person(), planned.plusSeconds(random.nextInt(240)), ids, random);
        script.start();
        script.pass(240);
        List<StairReader.Step> steps = steps(pair);
        List<RungId> passed = rungs(steps, RungState.PASSED);
        List<RungId> open = steps.stream()
                .filter(s -> s.state() == RungState.IN_WORK || s.state() == RungState.OPEN)
                .map(s -> rung(s.rung()).id())
                .toList();
        if (!passed.isEmpty()) {
            script.ride(passed.get(passed.size() - 1), Mounted.RIDER, 2, 3, closed);
        }
        for (RungId rung : open.subList(0, Math.min(2, open.size()))) {
            if (index == 9) {
                script.ride(rung, Mounted.COACH, 2, 3, 1);
            }
            script.ride(rung, Mounted.RIDER, open.size() > 1 ? 4 : 6, 5 + random.nextInt(2), closed);
        }
        DemoNotes.of(index).ifPresent(script::note);
        script.end();
        List<JsonNode> batch = script.entries().stream()
                .map(e -> (JsonNode) json.valueToTree(e))
                .toList();
        log.take(batch);
        return script.now();
    }

    private void decideAll(UUID pair, UUID lesson, Instant end) {
        PairRecord record = pairs.record(pair);
        for (StairReader.Step step : steps(pair)) {
            boolean ridden = record.asks().stream()
                    .anyMatch(r -> r.lesson().equals(lesson.toString())
                            && r.rung().toString().equals(step.rung())
                            && r.ask().mounted() == Mounted.RIDER);
            if (ridden && step.state() != RungState.PASSED) {
                decideOn(lesson, step, end);
            }
        }
    }

    /** Ottilie follows the advice, but moves on when one success is missing on one rein and the walk is steady. */
    private void decideOn(UUID lesson, StairReader.Step step, Instant end) {
        LessonRepository.Lesson ended = lessons.find(lesson).orElseThrow();
        AdviceView advice = debrief.advice(ended, rung(step.rung()));
        boolean isClose = advice.decision() == Decision.STAY
                && advice.missing().size() == 1
                && advice.missing().get(0).more() != null
                && advice.missing().get(0).more() == 1;
        Decision chosen = isClose ? Decision.MOVE_ON : advice.decision();
        String reason = isClose ? "Soft enough on both reins; he is waiting for more to do." : null;
        decide.make(
                lesson,
                new NewDecision(ids.get(), step.rung(), chosen, advice.decision(), reason),
                end.plusSeconds(300));
    }

    private List<StairReader.Step> steps(UUID pair) {
        return stairs.steps(pairs.record(pair), decisions.ofPair(pair));
    }

    private List<RungId> rungs(List<StairReader.Step> steps, RungState state) {
        return steps.stream()
                .filter(s -> s.state() == state)
                .map(s -> rung(s.rung()).id())
                .toList();
    }

    private Rung rung(String id) {
        return catalogue.rung(id).orElseThrow();
    }
}
