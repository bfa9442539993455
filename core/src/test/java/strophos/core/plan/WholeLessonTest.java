package strophos.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static strophos.core.plan.Stairs.COUNTER;
import static strophos.core.plan.Stairs.HALT;
import static strophos.core.plan.Stairs.HORSE;
import static strophos.core.plan.Stairs.INSIDE;
import static strophos.core.plan.Stairs.LEG;
import static strophos.core.plan.Stairs.facts;
import static strophos.core.plan.Stairs.foot;
import static strophos.core.plan.Stairs.main;
import static strophos.core.plan.Stairs.ofAnyHorse;
import static strophos.core.plan.Stairs.rung;
import static strophos.core.plan.Stairs.rungs;
import static strophos.core.plan.Stairs.stair;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import strophos.core.cause.Help;
import strophos.core.exchange.Footing;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.load.DayOfOuting;
import strophos.core.load.Outing;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusKind;
import strophos.core.look.Looks;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.welfare.GroundAndWeather;

/** What stands around a lesson's one or two things: in hand before them, a few asks to compare, another day instead. */
class WholeLessonTest {

    private static final RungId FLEXION = rung("flex-in-hand", Gait.HALT);
    private static final RungId LEAD = rung("lead", Gait.WALK);
    private static final RungId AWAY = rung("turn-away", Gait.WALK);
    private static final RungId SOFT_JAW = rung("soft-jaw", Gait.HALT);

    private static List<Candidate> withGround() {
        List<Candidate> rungs = stair();
        rungs.add(foot(FLEXION, "ground", WorkedSide.CHOSEN, RungState.CLOSED, ofAnyHorse("jaw", "bend", "shoulders")));
        rungs.add(foot(LEAD, "basics", WorkedSide.NEITHER, RungState.OPEN, ofAnyHorse("confidence")));
        rungs.add(foot(AWAY, "shoulders", WorkedSide.CHOSEN, RungState.OPEN, Optional.empty()));
        rungs.add(foot(SOFT_JAW, "jaw", WorkedSide.CHOSEN, RungState.OPEN, Optional.empty()));
        return rungs;
    }

    private static Plan plan(int minutes, FirstLook look) {
        return Planner.propose(facts(minutes, HORSE, look, withGround()));
    }

    private static List<Block.Role> roles(Plan plan) {
        return plan.blocks().stream().map(Block::role).toList();
    }

    private static List<Reason.Code> why(Block block) {
        return block.reasons().stream().map(Reason::code).toList();
    }

    /** The left shoulder heavy on both reins, the neck stiff to that side, ridden for twenty minutes already, the hind short. */
    @Test
    void aMorningAsItIsTold() {
        FirstLook look = Looks.of(
                "soundness",
                "SOUND",
                "calm",
                4,
                "rider",
                3,
                "halt",
                4,
                "leg",
                3,
                "bendLeft",
                2,
                "bendRight",
                3,
                "shoulder",
                -2,
                "shoulderBoth",
                true,
                "hindLeft",
                2,
                "neckTwists",
                true,
                "riddenToday",
                20);
        Plan plan = plan(45, look);
        assertThat(plan.focus())
                .as("the shoulders, and never the quarters before them")
                .containsExactly(FocusKind.BEND, FocusKind.SHOULDERS);
        assertThat(plan.blocks())
                .filteredOn(b -> b.rung().equals(AWAY))
                .as("turns away from the heavy shoulder")
                .singleElement()
                .satisfies(b -> assertThat(b.meant()).isEqualTo(Side.RIGHT));
        List<Block> inHand = plan.blocks().stream()
                .filter(b -> b.role() == Block.Role.GROUND)
                .toList();
        assertThat(inHand).as("a part of it in hand").hasSize(2);
        assertThat(inHand.get(0).rung()).isEqualTo(FLEXION);
        assertThat(why(inHand.get(0))).as("one flexion a side").contains(Reason.Code.ONE_EACH_SIDE);
        assertThat(inHand.get(0).time().secondsOn(Rein.LEFT)).isEqualTo(30);
        assertThat(inHand.get(0).time().secondsOn(Rein.RIGHT)).isEqualTo(30);
        assertThat(why(inHand.get(1))).contains(Reason.Code.PART_IN_HAND);
        assertThat(plan.blocks()).as("and first").startsWith(inHand.toArray(Block[]::new));
        assertThat(plan.workS()).as("a short lesson").isLessThanOrEqualTo(25 * 60);
        assertThat(plan.notes())
                .as("done at the first soft, square halt")
                .extracting(PlanNote::code)
                .contains(PlanNote.Code.RIDDEN_TODAY);
    }

    @Test
    void aFocusIsPreparedInHandWhereThereIsTime() {
        FirstLook stiff = Looks.of("bendLeft", 3, "bendRight", 2);
        assertThat(rungs(plan(45, stiff))).startsWith(FLEXION);
        assertThat(why(plan(45, stiff).blocks().get(0))).contains(Reason.Code.IN_HAND_FIRST);
        assertThat(roles(plan(15, stiff))).as("a quarter of an hour").doesNotContain(Block.Role.GROUND);
        assertThat(roles(plan(45, null))).as("nothing was found").doesNotContain(Block.Role.GROUND);
    }

    /** What any horse can be asked in hand is no breach, though its rung is not open yet; from the saddle it would be. */
    @Test
    void inHandNeedsNoOpenRungWhereAnyHorseCanBeAsked() {
        PlanFacts facts = facts(45, HORSE, Looks.of("bendRight", 2), withGround());
        Candidate flexion = facts.find(FLEXION).orElseThrow();
        for (Block.Role role : List.of(Block.Role.GROUND, Block.Role.MAIN)) {
            Plan own = Planner.of(facts, List.of(new Planner.Request(flexion, role, 60, Rein.NONE, false)));
            assertThat(PlanLimits.of(own, facts).stream().map(PlanLimits.Breach::limit))
                    .as("%s", role)
                    .hasSize(role == Block.Role.GROUND ? 1 : 2)
                    .contains(PlanLimits.Limit.COUNT);
        }
    }

    /** Rules 2: the jaw or the bend? The second is asked before and after the first. */
    @Test
    void whereTheCauseIsUnclearTheSecondThingIsAskedBeforeAndAfter() {
        FirstLook look = Looks.of("jawLeft", 2, "bendLeft", 3, "bendRight", 2);
        Plan plan = plan(60, look);
        assertThat(plan.focus()).containsExactly(FocusKind.JAW, FocusKind.BEND);
        assertThat(roles(plan))
                .containsSubsequence(Block.Role.PROBE, Block.Role.MAIN, Block.Role.SECOND, Block.Role.TEST);
        Block probe = block(plan, Block.Role.PROBE);
        assertThat(probe.rung())
                .isEqualTo(block(plan, Block.Role.SECOND).rung())
                .isEqualTo(INSIDE);
        assertThat(probe.reasons().get(0).values())
                .containsEntry("rung", main(plan).rung().toString());
        assertThat(why(block(plan, Block.Role.SECOND))).contains(Reason.Code.PROBE_AFTER);
        assertThat(probe.time().seconds()).isEqualTo(120);
        assertThat(roles(plan(20, look))).as("too short to measure").doesNotContain(Block.Role.PROBE);
    }

    /** The only rung open for the second thing is not used up as the warm-up for the first. */
    @Test
    void aPairNobodyKnowsIsMeasuredTooWhereTwoThingsWereFound() {
        List<Candidate> rungs = withGround();
        rungs.replaceAll(c -> c.id().equals(COUNTER)
                ? Stairs.at(COUNTER, "bend", 0, RungState.OPEN, null, null)
                : c.id().equals(INSIDE) ? Stairs.at(INSIDE, "bend", 1, RungState.CLOSED, COUNTER, null) : c);
        Plan plan = Planner.propose(facts(60, HORSE, Looks.of("jawRight", 2, "bendLeft", 3, "bendRight", 2), rungs));
        assertThat(roles(plan)).contains(Block.Role.WAY_IN);
        assertThat(block(plan, Block.Role.PROBE).rung())
                .isEqualTo(block(plan, Block.Role.SECOND).rung())
                .isEqualTo(COUNTER);
        assertThat(block(plan, Block.Role.WAY_IN).rung()).isNotEqualTo(COUNTER);
    }

    @Test
    void oneThingIsNotMeasuredAgainstAnother() {
        assertThat(roles(plan(60, Looks.of("bendLeft", 3, "bendRight", 2)))).doesNotContain(Block.Role.PROBE);
        assertThat(roles(plan(60, Looks.of("leg", 2, "bendLeft", 3, "bendRight", 2))))
                .as("the leg comes first, whatever the bend does")
                .doesNotContain(Block.Role.PROBE);
    }

    @Test
    void theMainThingIsLookedAtOnceMore() {
        Plan plan = plan(45, Looks.of("leg", 1, "legAt", Map.of("mounted", true)));
        assertThat(block(plan, Block.Role.TEST).rung())
                .isEqualTo(main(plan).rung())
                .isEqualTo(LEG);
        assertThat(roles(plan(15, Looks.of("leg", 1))))
                .as("ten minutes of work")
                .doesNotContain(Block.Role.TEST);
        assertThat(roles(plan(45, Looks.of("calm", 1))))
                .as("a frightened horse is not put to the test")
                .doesNotContain(Block.Role.TEST);
    }

    @Test
    void whatThereIsNoRoomForIsNamed() {
        Plan plan = plan(45, Looks.of("jawLeft", 2, "leg", 2, "bendLeft", 3, "bendRight", 2));
        assertThat(plan.focus()).containsExactly(FocusKind.FORWARD, FocusKind.JAW);
        assertThat(plan.later()).containsExactly(new Plan.Later.OfLook(FocusKind.BEND), new Plan.Later.OfStair(INSIDE));
        assertThat(plan(45, null).later()).isEmpty();
    }

    @Test
    void anEasierDaySaysWhatItGivesUp() {
        PlanFacts facts = facts(45, HORSE, Looks.of("bendLeft", 3, "bendRight", 2), withGround());
        Alternative easier = only(facts, Alternative.Kind.EASIER).orElseThrow();
        assertThat(rungs(easier.plan())).contains(COUNTER).doesNotContain(INSIDE);
        assertThat(easier.givesUp()).contains(new Alternative.Cost.NotLearnt(INSIDE));
        assertThat(easier.plan().workS()).isLessThan(Planner.propose(facts).workS());
    }

    @Test
    void aGoalDayLeavesWhatTheLookFoundAndSaysSo() {
        PlanFacts facts = facts(45, HORSE, Looks.of("leg", 2), withGround());
        Alternative goal = only(facts, Alternative.Kind.GOAL).orElseThrow();
        assertThat(main(goal.plan()).rung()).isEqualTo(INSIDE);
        assertThat(goal.givesUp()).containsExactly(new Alternative.Cost.Left(FocusKind.FORWARD));
        assertThat(goal.plan().later()).containsExactly(new Plan.Later.OfLook(FocusKind.FORWARD));
        assertThat(only(facts(45, HORSE, Looks.of("calm", 1), withGround()), Alternative.Kind.GOAL))
                .as("not with a frightened horse")
                .isEmpty();
    }

    @Test
    void withoutAFindingAGoalDayGivesUpTheSecondThing() {
        PlanFacts facts = facts(45, HORSE, null, withGround());
        Alternative goal = only(facts, Alternative.Kind.GOAL).orElseThrow();
        assertThat(roles(goal.plan())).doesNotContain(Block.Role.SECOND, Block.Role.LAST);
        assertThat(goal.givesUp())
                .isNotEmpty()
                .allSatisfy(c -> assertThat(c).isInstanceOf(Alternative.Cost.NotRidden.class));
    }

    @Test
    void whatHelpedBeforeIsRiddenFirst() {
        for (Help.Basis basis : Help.Basis.values()) {
            PlanFacts facts =
                    Stairs.helped(facts(45, HORSE, null, withGround()), new Help(INSIDE, HALT.exercise(), basis, 5, 6));
            Block first = Planner.propose(facts).blocks().get(0);
            assertThat(first.rung()).as("%s", basis).isEqualTo(HALT);
            assertThat(first.role()).isEqualTo(Block.Role.WAY_IN);
            assertThat(first.reasons().get(0).values())
                    .containsEntry("rung", INSIDE.toString())
                    .containsEntry("days", "5");
        }
        assertThat(rungs(plan(45, null))).startsWith(COUNTER);
    }

    private static Optional<Alternative> only(PlanFacts facts, Alternative.Kind kind) {
        return Alternative.to(facts).stream().filter(a -> a.kind() == kind).findFirst();
    }

    private static Block block(Plan plan, Block.Role role) {
        return plan.blocks().stream().filter(b -> b.role() == role).findFirst().orElseThrow();
    }

    /** Common practice, no source: what ground and weather leave is held against {@code GroundAndWeatherTest}. */
    @Test
    void groundAndWeatherLeaveLessOfALesson() {
        PlanFacts usual = facts(60, HORSE, null, withGround());
        Plan plain = Planner.propose(usual);
        Plan frozen = Planner.propose(Stairs.on(usual, on(Footing.FROZEN)));
        assertThat(frozen.blocks())
                .isNotEmpty()
                .allMatch(b -> Set.of(Gait.HALT, Gait.WALK, Gait.REIN_BACK)
                        .contains(b.rung().gait()));
        assertThat(frozen.notes()).extracting(PlanNote::code).contains(PlanNote.Code.GROUND_FROZEN);
        Plan deep = Planner.propose(Stairs.on(usual, on(Footing.DEEP)));
        assertThat(deep.workS()).isLessThan(plain.workS()).isPositive();
        assertThat(deep.blocks()).noneMatch(b -> b.rung().gait() == Gait.CANTER);
        PlanFacts tooHot =
                Stairs.on(usual, new GroundAndWeather(Optional.empty(), OptionalInt.of(35), OptionalInt.of(90)));
        assertThat(Planner.propose(tooHot).blocks()).isEmpty();
        assertThat(Planner.propose(tooHot).focus()).as("nobody is hurt").isEqualTo(plain.focus());
        assertThat(PlanLimits.of(plain, tooHot))
                .extracting(PlanLimits.Breach::limit)
                .contains(PlanLimits.Limit.DAY);
        assertThat(PlanLimits.of(Planner.propose(tooHot), tooHot)).isEmpty();
    }

    private static GroundAndWeather on(Footing footing) {
        return new GroundAndWeather(Optional.of(footing), OptionalInt.empty(), OptionalInt.empty());
    }

    /** A proposal, not a limit: the coach may ride longer. */
    @Test
    void anOutingAsksForAnEasyDayBeforeIt() {
        LocalDate day = LocalDate.of(2026, 5, 7);
        DayOfOuting eve =
                new DayOfOuting("the river fields", day.plusDays(1), new Outing.Day(day, Outing.Kind.EASY, 12));
        PlanFacts usual = facts(45, HORSE, Looks.of("soundness", "SOUND"), withGround());
        PlanFacts away =
                facts(45, HORSE.with(List.of(), Optional.of(eve)), Looks.of("soundness", "SOUND"), withGround());
        assertThat(Planner.roomS(usual)).isGreaterThan(12 * 60);
        assertThat(Planner.roomS(away)).isEqualTo(12 * 60);
        assertThat(Planner.propose(away).notes())
                .contains(new PlanNote(
                        PlanNote.Code.OUTING_EASY,
                        Map.of("what", "the river fields", "counts", "2026-05-08", "minutes", "12")));
        assertThat(away.workCapS()).isEqualTo(usual.workCapS());
    }
}
