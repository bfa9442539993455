package strophos.server.plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.cause.Help;
import strophos.core.exchange.Rein;
import strophos.core.nudge.NudgeRules;
import strophos.core.plan.Alternative;
import strophos.core.plan.Candidate;
import strophos.core.plan.Plan;
import strophos.core.plan.PlanChange;
import strophos.core.plan.PlanFacts;
import strophos.core.plan.PlanLimits;
import strophos.core.plan.Planner;
import strophos.core.school.Teaching;
import strophos.core.stair.RungState;
import strophos.core.state.PairState;
import strophos.core.welfare.Heat;
import strophos.server.contract.CanBeNull;
import strophos.server.ground.HorseHere;
import strophos.server.ground.LessonGroundView;
import strophos.server.lesson.Lesson;
import strophos.server.look.FocusChoice;
import strophos.server.look.FocusView;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.rules.YardRules;
import strophos.server.state.RecentLesson;
import tools.jackson.databind.json.JsonMapper;

/** Proposes a lesson's plan, and keeps the coach's. */
@Service
@Transactional
public class Plans {

    /** How long a lesson is that nobody planned. */
    public static final int UNPLANNED_MINUTES = 45;

    private final PlanFactsReader reader;
    private final PlanCauses causes;
    private final PlanRepository plans;
    private final PlanTeller teller;
    private final YardRules rules;
    private final JsonMapper json;

    Plans(
            PlanFactsReader reader,
            PlanCauses causes,
            PlanRepository plans,
            PlanTeller teller,
            YardRules rules,
            JsonMapper json) {
        this.reader = reader;
        this.causes = causes;
        this.plans = plans;
        this.teller = teller;
        this.rules = rules;
        this.json = json;
    }

    /**
     * A lesson's plan.
     *
     * @param version how often it was kept; 0 while it is only proposed
     * @param keptBy who kept it last; null while it is only proposed
     * @param plan the kept one, else the proposal
     * @param roomS seconds of work there is room for
     * @param latch the fault that has a key of its own on Ride; null where none was chosen
     * @param isAsProposed the kept blocks are those proposed now
     * @param breaches limits the plan breaks
     * @param changes what decisions and reports since the last lesson changed in the proposal
     * @param alternatives other plans for the same day, each with what it gives up
     * @param choices rungs that can be put in
     * @param strandNames of the yard's own progressions, by their ids
     * @param arena on which an exercise is drawn by itself
     * @param ground what stands in this lesson; null where nobody ever set anything up
     */
    public record PlannedLesson(
            Lesson lesson,
            @CanBeNull FocusView focus,
            @CanBeNull FocusChoice choice,
            int version,
            @CanBeNull String keptBy,
            PlanView plan,
            int roomS,
            @CanBeNull LessonLatch latch,
            boolean isAsProposed,
            List<PlanView.BreachView> breaches,
            List<PlanView.ChangeView> changes,
            List<PlanView.AlternativeView> alternatives,
            List<RungChoice> choices,
            Map<String, String> strandNames,
            Ground.ArenaView arena,
            @CanBeNull LessonGroundView ground) {}

    /** A rung that can be put in; what its state is. */
    public record RungChoice(PlanView.NamedRung rung, String strand, RungState state) {}

    /**
     * What Ride needs of the plan: its blocks, and the thresholds of its nudges.
     *
     * @param probeAsks asks that each measure of a probe needs
     * @param work what the horse did before; null for a pair that nobody has met
     */
    public record PlanForRide(
            PlanView plan,
            @CanBeNull LessonLatch latch,
            boolean isKept,
            NudgeRules nudges,
            Heat heat,
            int probeAsks,
            @CanBeNull WorkView work) {}

    public PlannedLesson view(UUID lesson, Instant now) {
        PlanFactsReader.FactsWithSources known = reader.of(lesson, now);
        PlanFacts facts = known.facts();
        Optional<StoredPlan> kept = plans.find(lesson);
        Plan proposal = Planner.propose(facts);
        Plan plan = current(known, kept);
        return new PlannedLesson(
                known.look().lesson(),
                known.look().focus().map(FocusView::of).orElse(null),
                known.look().choice().orElse(null),
                kept.map(StoredPlan::version).orElse(0),
                kept.map(StoredPlan::by).orElse(null),
                teller.view(plan, facts.horse().lengthM(), horse(known)),
                Planner.roomS(facts),
                kept.flatMap(StoredPlan::latch).orElse(null),
                WantedBlock.of(plan).equals(WantedBlock.of(proposal)),
                teller.breaches(PlanLimits.of(plan, facts)),
                teller.changes(PlanChange.because(facts, causes.of(known))),
                Alternative.to(facts).stream().map(teller::alternative).toList(),
                facts.rungs().stream()
                        .filter(Candidate::suits)
                        .map(c -> new RungChoice(teller.named(c.id()), c.strand(), c.state()))
                        .toList(),
                teller.strandNames(),
                Ground.arena(),
                known.gathered().ground().stands().orElse(null));
    }

    /**
     * The plan a device takes along, and what it was made from.
     *
     * @param before how the pair stood before the lesson
     * @param ridden the lessons before it, the latest first
     * @param helps what helped on earlier days
     * @param ground what stands in it; empty where nobody ever set anything up
     */
    public record ForDevice(
            PlanForRide plan,
            Lesson lesson,
            Teaching teaching,
            PairState before,
            List<RecentLesson> ridden,
            List<Help> helps,
            Optional<LessonGroundView> ground) {}

    public ForDevice forDevice(UUID lesson, Instant now) {
        PlanFactsReader.FactsWithSources known = reader.of(lesson, now);
        return new ForDevice(
                forRide(lesson, known),
                known.look().lesson(),
                known.gathered().teaching(),
                reader.state(known.gathered()),
                known.gathered().ridden(),
                known.facts().helps(),
                known.gathered().ground().stands());
    }

    private static Optional<HorseHere> horse(PlanFactsReader.FactsWithSources known) {
        return Optional.of(known.gathered().ground().horse());
    }

    private PlanForRide forRide(UUID lesson, PlanFactsReader.FactsWithSources known) {
        PlanFacts facts = known.facts();
        Optional<StoredPlan> kept = plans.find(lesson);
        Plan plan = current(known, kept);
        return new PlanForRide(
                teller.view(plan, facts.horse().lengthM(), horse(known)),
                kept.flatMap(StoredPlan::latch).orElse(null),
                kept.isPresent(),
                NudgeRules.with(
                        facts.turnCapS(), facts.workCapS(), known.gathered().teaching(), facts.stop()),
                Heat.of(facts.stop()),
                rules.helpedToday().fewest(),
                WorkView.of(known.gathered().work()));
    }

    /** For a pair that nobody has met: nothing is proposed, and the thresholds are the yard's. */
    public PlanForRide forNewPair(Teaching teaching) {
        PlanFacts facts = reader.ofNewPair();
        return new PlanForRide(
                teller.view(Planner.of(facts, List.of()), OptionalDouble.empty(), Optional.empty()),
                null,
                false,
                NudgeRules.with(facts.turnCapS(), facts.workCapS(), teaching, facts.stop()),
                Heat.of(facts.stop()),
                rules.helpedToday().fewest(),
                null);
    }

    /**
     * The kept plan; while nothing may be ridden, or beyond a clearance or what the day allows, what the planner proposes instead. Of a lesson
     * that is over it is told what was kept, whatever the day was like.
     */
    private static Plan current(PlanFactsReader.FactsWithSources known, Optional<StoredPlan> kept) {
        PlanFacts facts = known.facts();
        boolean isOver = known.look().lesson().endedAt() != null;
        Plan proposal = Planner.propose(facts);
        Plan own = kept.map(k -> Planner.of(facts, wanted(facts, k.blocks()))).orElse(proposal);
        boolean isForbidden = PlanLimits.of(own, facts).stream().anyMatch(b -> switch (b.limit()) {
            case NOTHING_RIDDEN, CLEARANCE, FENCE_CLOSED -> true;
            case DAY -> !isOver;
            default -> false;
        });
        return isForbidden ? proposal : own;
    }

    /**
     * What these blocks come to, and which limits they break.
     *
     * @param isRefused a safety limit is among them: they cannot be kept so
     */
    public record TriedPlan(
            int leftS, int rightS, int workS, int restS, boolean isRefused, List<PlanView.BreachView> breaches) {}

    public TriedPlan trial(UUID lesson, List<WantedBlock> blocks, Instant now) {
        PlanFacts facts = reader.of(lesson, now).facts();
        refuseUnknown(facts, blocks);
        Plan plan = Planner.of(facts, wanted(facts, blocks));
        List<PlanLimits.Breach> breaches = PlanLimits.of(plan, facts);
        return new TriedPlan(
                plan.secondsOn(Rein.LEFT),
                plan.secondsOn(Rein.RIGHT),
                plan.workS(),
                plan.restS(),
                breaches.stream().anyMatch(b -> b.limit().isSafety()),
                teller.breaches(breaches));
    }

    /** Keeps these blocks; a safety limit refuses, another is only said. */
    public void keep(UUID lesson, int version, PlanToKeep asked, Instant now) {
        List<WantedBlock> blocks = asked.blocks();
        PlanFactsReader.FactsWithSources known = reader.of(lesson, now);
        PlanFacts facts = known.facts();
        refuseUnknown(facts, blocks);
        Plan plan = Planner.of(facts, wanted(facts, blocks));
        List<Issue> issues = PlanLimits.of(plan, facts).stream()
                .filter(b -> b.limit().isSafety())
                .map(b -> new Issue(
                        b.limit().name().toLowerCase(Locale.ROOT),
                        b.block().map(i -> "blocks[%d]".formatted(i)).orElse("blocks"),
                        expected(b.limit(), facts)))
                .toList();
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        String advised = json.writeValueAsString(
                teller.view(Planner.propose(facts), facts.horse().lengthM(), horse(known)));
        if (!plans.keep(lesson, version, asked, advised, now)) {
            throw Problem.changedMeanwhile();
        }
    }

    /** Keeps what is proposed, as it is, where nothing is kept yet. */
    public PlanView keepProposal(UUID lesson, Instant now) {
        PlanFactsReader.FactsWithSources known = reader.of(lesson, now);
        PlanFacts facts = known.facts();
        Plan proposal = Planner.propose(facts);
        PlanView view = teller.view(proposal, facts.horse().lengthM(), horse(known));
        PlanToKeep asked = new PlanToKeep(WantedBlock.of(proposal), Optional.empty());
        if (!plans.keep(lesson, 0, asked, json.writeValueAsString(view), now)) {
            throw Problem.changedMeanwhile();
        }
        return view;
    }

    private static void refuseUnknown(PlanFacts facts, List<WantedBlock> blocks) {
        List<Issue> unknown = new ArrayList<>();
        for (int i = 0; i < blocks.size(); i++) {
            String rung = blocks.get(i).rung();
            if (facts.rungs().stream().noneMatch(c -> c.id().toString().equals(rung))) {
                unknown.add(new Issue("unknown_id", "blocks[%d].rung".formatted(i), "a rung of the catalogue"));
            }
        }
        if (!unknown.isEmpty()) {
            throw Problem.refused(unknown);
        }
    }

    private static String expected(PlanLimits.Limit limit, PlanFacts facts) {
        return switch (limit) {
            case NOTHING_RIDDEN ->
                facts.state().isPaused()
                        ? "no block: this horse is paused until it has been looked at and cleared"
                        : facts.state().isDayOver()
                                ? "no block: its work is over for today"
                                : "no block: signs of pain or an uneven step were seen";
            case CLEARANCE -> "nothing faster than this horse was cleared for, and no fence";
            case DAY -> "nothing faster than today's ground and weather allow";
            case FENCE_CLOSED -> "no fence before canter on both leads and a single fence";
            case WEIGHT_OVER -> "another horse, or a reason on the pair's page: rider and tack are above 20 %";
            case WALK_ONLY -> "halt and walk only, until the halt from walk scores 2";
            case NO_CANTER -> "no canter, until the halt from walk scores 3";
            case WORK_CAP -> "at most %d minutes of work in all".formatted(facts.workCapS() / 60);
            case STOP_SIGN_OPEN -> "another rung, until the stop sign on this one is answered";
            default -> "see the breaches of the plan";
        };
    }

    private static List<Planner.Request> wanted(PlanFacts facts, List<WantedBlock> blocks) {
        return blocks.stream()
                .flatMap(b -> facts.rungs().stream()
                        .filter(c -> c.id().toString().equals(b.rung()))
                        .map(c -> new Planner.Request(
                                c, b.role(), b.seconds(), b.longer(), Boolean.TRUE.equals(b.locked()))))
                .toList();
    }
}
