package strophos.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Strand;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.plan.Block;
import strophos.core.stair.Rung;
import strophos.server.access.Viewer;
import strophos.server.cue.CueForRide;
import strophos.server.cue.CueRepository;
import strophos.server.lesson.LessonRepository;
import strophos.server.plan.PlanView;
import strophos.server.plan.Plans;
import strophos.server.ride.Answer;
import strophos.server.ride.RideLog;
import strophos.server.roster.Pair;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Half a year of a pair, about a lesson a week: looked at, planned, ridden, decided, practised and answered through the
 * doors everybody uses.
 */
@Component
@Profile("demo")
class DemoHistory {

    /** So often by one cue, before the other is ridden. */
    private static final int ASKS_BY_CUE = 6;

    private static final int LESSON_MINUTES = 45;
    private static final int USUAL_EFFORT = 4;
    private static final List<Rein> BOTH = List.of(Rein.LEFT, Rein.RIGHT);

    private final LessonRepository lessons;
    private final RideLog log;
    private final Plans plans;
    private final DemoDecisions decisions;
    private final DemoPractices practices;
    private final CueRepository cues;
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
            CueRepository cues,
            Catalogue catalogue,
            JsonMapper json,
            Supplier<UUID> ids,
            Clock clock) {
        this.lessons = lessons;
        this.log = log;
        this.plans = plans;
        this.decisions = decisions;
        this.practices = practices;
        this.cues = cues;
        this.catalogue = catalogue;
        this.json = json;
        this.ids = ids;
        this.clock = clock;
    }

    /** A pair whose story is told. */
    record Setting(Viewer coach, Viewer rider, Pair pair, Story story, ZoneId zone, SplittableRandom random) {}

    /** Every lesson up to some days ago, and every practice up to yesterday; the lessons, the oldest first. */
    List<UUID> make(Setting of) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), of.zone());
        UUID device = ids.get();
        List<LessonDay> days = days(of.story(), today);
        List<UUID> made = new ArrayList<>();
        for (int i = 0; i < days.size(); i++) {
            LessonDay day = days.get(i);
            UUID lesson = ids.get();
            made.add(lesson);
            Instant planned = at(day.date(), of.story().hour(), of.zone());
            lessons.add(lesson, of.pair().id(), planned, LESSON_MINUTES, planned);
            LessonEnd end = ride(of, lesson, device, planned, day.week());
            boolean isWrittenDown = i % 3 == 0;
            decisions.make(
                    of.pair(),
                    lesson,
                    aims(of.story(), day.week(), end.plan(), isWrittenDown),
                    end.at(),
                    isWrittenDown);
            boolean isLast = i + 1 == days.size();
            practices.make(
                    of, lesson, end.at(), isLast ? today : days.get(i + 1).date(), day.week(), isLast);
        }
        return List.copyOf(made);
    }

    /** A stretch of a lesson; on no rein where the exercise has none, begun at a letter where that is said. */
    record OnRein(Rein rein, int seconds, Optional<String> begunAt) {

        OnRein(Rein rein, int seconds) {
            this(rein, seconds, Optional.empty());
        }
    }

    private record LessonDay(LocalDate date, int week) {}

    private static List<LessonDay> days(Story story, LocalDate today) {
        List<LessonDay> days = new ArrayList<>();
        for (int week = 0; week <= Story.LAST_WEEK; week++) {
            if (Story.hold(story.without(), week)) {
                continue;
            }
            LocalDate first = today.minusDays(story.lastDaysAgo() + 7L * (Story.LAST_WEEK - week));
            days.add(new LessonDay(first, week));
            if (Story.hold(story.twice(), week)) {
                days.add(new LessonDay(first.plusDays(3), week));
            }
        }
        return days;
    }

    static Instant at(LocalDate day, LocalTime hour, ZoneId zone) {
        return day.atTime(hour).atZone(zone).toInstant();
    }

    private LessonEnd ride(Setting of, UUID lesson, UUID device, Instant planned, int week) {
        Story story = of.story();
        Instant start = planned.plusSeconds(of.random().nextInt(240));
        LessonScript script = new LessonScript(lesson, device, of.coach().person(), start, ids, of.random());
        script.open();
        script.look(story.look(week, of.random()));
        script.pass(180);
        send(script);
        PlanView plan = plans.keepProposal(lesson, script.now());
        script.start();
        script.pass(60);
        boolean isMainOwn =
                story.also().stream().anyMatch(a -> a.isMain() && a.weeks().hold(week));
        List<PlanView.BlockView> blocks = plan.blocks().stream()
                .filter(b -> !isMainOwn || b.role() != Block.Role.TEST)
                .toList();
        for (PlanView.BlockView block : blocks) {
            if (block.role() == Block.Role.MAIN && isMainOwn) {
                beside(of, script, week);
                story.asked().forEach(asked -> probe(of, script, week, asked));
            } else {
                block(of, script, week, block);
            }
        }
        if (!isMainOwn) {
            beside(of, script, week);
        }
        Optional.ofNullable(story.notes().get(week)).ifPresent(script::note);
        script.end();
        script.effort((int) Math.round(Story.of(story.effort(), null, null, null, week, USUAL_EFFORT)));
        Instant end = script.now();
        story.clip()
                .filter(clip -> clip.week() == week)
                .ifPresent(clip -> script.clip(DemoClip.read(json), clip.says()));
        send(script);
        return new LessonEnd(plan, end);
    }

    private record LessonEnd(PlanView plan, Instant at) {}

    /** What is decided on: the main thing, and now and then what the story is about. */
    private static Set<String> aims(Story story, int week, PlanView plan, boolean isAll) {
        return Stream.concat(
                        plan.blocks().stream()
                                .filter(b -> b.role() == Block.Role.MAIN)
                                .map(b -> b.rung().rung()),
                        story.also().stream()
                                .filter(a -> isAll && a.weeks().hold(week))
                                .map(Story.Also::rung))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private void block(Setting of, LessonScript script, int week, PlanView.BlockView block) {
        Rung rung = catalogue.rung(block.rung().rung()).orElseThrow();
        List<OnRein> turns = block.turns().stream()
                .map(t -> new OnRein(t.rein(), t.seconds()))
                .toList();
        if (block.role() == Block.Role.MAIN && Story.hold(of.story().coachRides(), week)) {
            turns(of, script, week, rung, turns.subList(0, Math.min(2, turns.size())), Mounted.COACH, 0);
        }
        turns(of, script, week, rung, turns, Mounted.RIDER, block.restS());
    }

    /** What the story has beside the plan. */
    private void beside(Setting of, LessonScript script, int week) {
        Story story = of.story();
        for (Story.Also also : story.also()) {
            if (also.weeks().hold(week)) {
                Rung rung = catalogue.rung(also.rung()).orElseThrow();
                List<OnRein> turns = (rung.works() == WorkedSide.NEITHER ? List.of(Rein.NONE) : BOTH)
                        .stream()
                                .map(r -> new OnRein(
                                        r,
                                        also.seconds(),
                                        Optional.ofNullable(also.begunAt().get(r))))
                                .toList();
                if (Story.hold(story.frights(), week)) {
                    script.fright(rung, Side.NONE);
                }
                if (also.cues().isEmpty()) {
                    turns(of, script, week, rung, turns, Mounted.RIDER, 0);
                } else {
                    byCues(of, script, week, rung, also.cues());
                }
            }
        }
    }

    /** One cue after the other, by their signals in the pair's book. */
    private void byCues(Setting of, LessonScript script, int week, Rung rung, List<String> signals) {
        Map<String, UUID> book = cues.byId(of.pair().id()).values().stream()
                .collect(Collectors.toMap(CueForRide::signal, CueForRide::id));
        for (String signal : signals) {
            script.byCue(
                    rung,
                    pad(of, rung),
                    Rein.LEFT,
                    book.get(signal),
                    ASKS_BY_CUE,
                    partner(of, rung, Side.LEFT, week, Mounted.RIDER));
        }
    }

    private void probe(Setting of, LessonScript script, int week, Story.Asked asked) {
        boolean isHelped = Story.hold(asked.helped(), week);
        Rung rung = catalogue.rung(asked.of()).orElseThrow();
        Side side = rung.works().on(Rein.LEFT, Side.LEFT);
        SimulatedAsks asks = new SimulatedAsks(of.random());
        if (Story.hold(asked.without(), week)) {
            List<SimulatedAsks.Result> twice = new ArrayList<>(asks.half());
            twice.addAll(asks.half());
            script.asks(rung, pad(of, rung), Rein.LEFT, side, twice, false);
        } else if (isHelped || Story.hold(asked.not(), week)) {
            Rung other = catalogue.rung(asked.other()).orElseThrow();
            script.asks(rung, pad(of, rung), Rein.LEFT, side, asks.half(), true);
            script.asks(other, pad(of, other), Rein.NONE, Side.NONE, asks.good(), false);
            script.asks(rung, pad(of, rung), Rein.LEFT, side, isHelped ? asks.good() : asks.poor(), false);
        }
    }

    private PadKind pad(Setting of, Rung rung) {
        return of.pair()
                .teaching()
                .pad(catalogue.exercise(rung.id().exercise()).orElseThrow().padKind());
    }

    private void turns(
            Setting of, LessonScript script, int week, Rung rung, List<OnRein> turns, Mounted mounted, int restS) {
        for (OnRein turn : turns) {
            // where it is the coach's choice, he works the inner side
            Side said = WorkedSide.INSIDE.on(turn.rein(), Side.NONE);
            Side side = rung.works().on(turn.rein(), said);
            script.turn(rung, pad(of, rung), mounted, turn, side, partner(of, rung, side, week, mounted));
            script.rest(restS / turns.size());
        }
    }

    private LessonScript.Partner partner(Setting of, Rung rung, Side side, int week, Mounted mounted) {
        String strand = catalogue.strandOf(rung.id()).map(Strand::id).orElse("");
        return new StoryPartner(
                of.story(), strand, rung.id().exercise(), side, week, mounted, new SimulatedAsks(of.random()));
    }

    private void send(LessonScript script) {
        List<JsonNode> batch =
                script.fresh().stream().<JsonNode>map(json::valueToTree).toList();
        log.take(batch).stream()
                .filter(a -> a.outcome() != Answer.Outcome.STORED)
                .findFirst()
                .ifPresent(a -> {
                    throw new IllegalStateException("%s: %s".formatted(a, batch.get(a.index())));
                });
    }
}
