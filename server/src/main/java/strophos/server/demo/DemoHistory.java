package strophos.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.plan.Turn;
import strophos.core.stair.Rung;
import strophos.server.access.Viewer;
import strophos.server.lesson.LessonRepository;
import strophos.server.plan.PlanToKeep;
import strophos.server.plan.PlanView;
import strophos.server.plan.Plans;
import strophos.server.ride.RideLog;
import strophos.server.roster.Pair;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Twelve weeks of a pair, two lessons a week: looked at, planned, ridden, decided, practised and answered through the
 * doors everybody uses.
 */
@Component
@Profile("demo")
class DemoHistory {

    private static final int WEEKS = 12;
    private static final int LESSON_MINUTES = 45;

    private final LessonRepository lessons;
    private final RideLog log;
    private final Plans plans;
    private final DemoDecisions decisions;
    private final DemoPractices practices;
    private final Catalogue catalogue;
    private final JsonMapper json;
    private final Supplier<UUID> ids;
    private final Clock clock;

    DemoHistory(
            LessonRepository lessons,
            RideLog log,
            Plans plans,
            DemoDecisions decisions,
            DemoPractices practices,
            Catalogue catalogue,
            JsonMapper json,
            Supplier<UUID> ids,
            Clock clock) {
        this.lessons = lessons;
        this.log = log;
        this.plans = plans;
        this.decisions = decisions;
        this.practices = practices;
        this.catalogue = catalogue;
        this.json = json;
        this.ids = ids;
        this.clock = clock;
    }

    /** A pair whose story is told. */
    record Setting(Viewer coach, Viewer rider, Pair pair, Story story, ZoneId zone, SplittableRandom random) {}

    /** Every lesson up to some days ago, and every practice up to yesterday. */
    void make(Setting of) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), of.zone());
        UUID device = ids.get();
        int count = 2 * WEEKS;
        for (int i = 0; i < count; i++) {
            LocalDate day = day(today, i, count);
            UUID lesson = ids.get();
            Instant planned = at(day, of.story().hour(), of.zone());
            lessons.add(lesson, of.pair().id(), planned, LESSON_MINUTES, planned);
            Instant end = ride(of, lesson, device, planned, i, (double) i / (count - 1));
            decisions.make(of, lesson, end);
            LocalDate next = i + 1 < count ? day(today, i + 1, count) : today;
            practices.make(of, lesson, end, next, i + 1 == count, (double) i / (count - 1));
        }
    }

    /** Three and four days apart in turn, the last one three days ago. */
    private static LocalDate day(LocalDate today, int index, int count) {
        return today.minusDays(3 + (7L * (count - 1 - index) + 1) / 2);
    }

    static Instant at(LocalDate day, LocalTime hour, ZoneId zone) {
        return day.atTime(hour).atZone(zone).toInstant();
    }

    private Instant ride(Setting of, UUID lesson, UUID device, Instant planned, int index, double t) {
        Instant start = planned.plusSeconds(of.random().nextInt(240));
        LessonScript script = new LessonScript(lesson, device, of.coach().person(), start, ids, of.random());
        script.open();
        script.look(of.story().look(index, t, of.random()));
        script.pass(180);
        send(script);
        plans.keep(lesson, 0, new PlanToKeep(plans.proposed(lesson, script.now()), Optional.empty()), script.now());
        PlanView plan = plans.forDevice(lesson, script.now()).plan().plan();
        script.start();
        script.pass(60);
        for (PlanView.BlockView block : plan.blocks()) {
            boolean isMain =
                    block == plan.blocks().get(Math.min(1, plan.blocks().size() - 1));
            if (isMain && of.story().coachRides(index)) {
                turns(of, script, block, Mounted.COACH, 1, 2);
            }
            turns(of, script, block, Mounted.RIDER, t, block.turns().size());
        }
        Optional.ofNullable(of.story().notes().get(index)).ifPresent(script::note);
        script.end();
        script.effort(of.story().effort(t));
        send(script);
        return script.now();
    }

    private void turns(Setting of, LessonScript script, PlanView.BlockView block, Mounted mounted, double t, int most) {
        Rung rung = catalogue.rung(block.rung().rung()).orElseThrow();
        String strand = catalogue.strandOf(rung.id()).orElseThrow().id();
        PadKind pad = catalogue.exercise(rung.id().exercise()).orElseThrow().padKind();
        SimulatedAsks asks = new SimulatedAsks(of.random());
        List<PlanView.PlanTurn> turns =
                block.turns().subList(0, Math.min(most, block.turns().size()));
        for (PlanView.PlanTurn turn : turns) {
            // where it is the coach's choice, he works the inner side
            Side said = WorkedSide.INSIDE.on(turn.rein(), Side.NONE);
            Side side = rung.works().on(turn.rein(), said);
            script.turn(
                    rung,
                    pad,
                    mounted,
                    new Turn(turn.rein(), turn.seconds()),
                    side,
                    mounted == Mounted.RIDER ? of.story().habit(strand, side) : Story.Habit.NONE,
                    () -> asks.next(of.story().yes(strand, side, t), of.story().strength(strand, t)));
            script.rest(block.restS() / block.turns().size());
        }
    }

    private void send(LessonScript script) {
        List<JsonNode> batch =
                script.fresh().stream().<JsonNode>map(json::valueToTree).toList();
        log.take(batch);
    }
}
