package strophos.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static strophos.core.plan.Stairs.CIRCLE;
import static strophos.core.plan.Stairs.COUNTER;
import static strophos.core.plan.Stairs.HALT;
import static strophos.core.plan.Stairs.HORSE;
import static strophos.core.plan.Stairs.INSIDE;
import static strophos.core.plan.Stairs.LEG;
import static strophos.core.plan.Stairs.at;
import static strophos.core.plan.Stairs.facts;
import static strophos.core.plan.Stairs.horse;
import static strophos.core.plan.Stairs.main;
import static strophos.core.plan.Stairs.rung;
import static strophos.core.plan.Stairs.rungs;
import static strophos.core.plan.Stairs.stair;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.Feel;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusKind;
import strophos.core.look.Looks;
import strophos.core.progress.Lessons;
import strophos.core.progress.Sidedness;
import strophos.core.progress.StifferSide;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;

class PlannerTest {

    private static FirstLook look(int halt, int leg) {
        return Looks.of(
                "soundness",
                "SOUND",
                "calm",
                4,
                "rider",
                3,
                "halt",
                halt,
                "leg",
                leg,
                "bendLeft",
                3,
                "circleLeft",
                10,
                "bendRight",
                3,
                "circleRight",
                12);
    }

    @Test
    void whatWasRiddenEarlierTodayComesOffTheDay() {
        Plan rested = Planner.propose(facts(60, HORSE, Looks.of("riddenToday", 0), stair()));
        Plan ridden = Planner.propose(facts(60, HORSE, Looks.of("riddenToday", 20), stair()));
        assertThat(ridden.workS()).isLessThanOrEqualTo(25 * 60).isLessThan(rested.workS());
        assertThat(Planner.propose(facts(60, HORSE, Looks.of("riddenToday", 60), stair()))
                        .workS())
                .as("a little is left for what is asked in hand")
                .isBetween(5 * 60, 10 * 60);
        assertThat(ridden.notes()).extracting(PlanNote::code).contains(PlanNote.Code.RIDDEN_TODAY);
        assertThat(rested.notes()).extracting(PlanNote::code).doesNotContain(PlanNote.Code.RIDDEN_TODAY);
    }

    @Test
    void whatIsOnlySuspectedGetsOneExerciseAndATest() {
        List<Candidate> rungs = stair();
        FirstLook once = Looks.of("leg", 1, "legAt", Map.of("mounted", true));
        FirstLook twice = Looks.of("leg", 1, "legAt", Map.of("mounted", true, "inHand", true));
        Plan suspected = Planner.propose(facts(60, HORSE, once, rungs));
        Plan found = Planner.propose(facts(60, HORSE, twice, rungs));
        assertThat(main(suspected).rung()).isEqualTo(LEG);
        assertThat(main(suspected).time().seconds())
                .isLessThan(main(found).time().seconds());
        assertThat(main(suspected).reasons()).extracting(Reason::code).contains(Reason.Code.SUSPECTED);
        assertThat(suspected.notes()).extracting(PlanNote::code).contains(PlanNote.Code.TEST_AGAIN);
        assertThat(found.notes()).extracting(PlanNote::code).doesNotContain(PlanNote.Code.TEST_AGAIN);
    }

    @Test
    void whatALookFindsIsRiddenThoughItsStrandWasNeverBegun() {
        RungId flexion = rung("flexion-halt", Gait.HALT);
        List<Candidate> rungs = stair();
        rungs.add(at(flexion, "jaw", 0, RungState.OPEN, null, null));
        FirstLook tight = Looks.of("jawLeft", 1, "jawRight", 3);
        assertThat(main(Planner.propose(facts(45, HORSE, tight, rungs))).rung()).isEqualTo(flexion);
        assertThat(rungs(Planner.propose(facts(45, HORSE, Looks.of("jawLeft", 3), rungs))))
                .doesNotContain(flexion);
    }

    @Test
    void thereIsNoCanterBeforeTheHaltIsGood() {
        RungId canter = rung("strike-off", Gait.CANTER);
        List<Candidate> rungs = stair();
        rungs.add(at(canter, "bend", 3, RungState.IN_WORK, COUNTER, 0));
        assertThat(rungs(Planner.propose(facts(45, HORSE, look(2, 3), rungs)))).doesNotContain(canter);
        assertThat(Planner.propose(facts(45, HORSE, look(2, 3), rungs)).notes())
                .extracting(PlanNote::code)
                .contains(PlanNote.Code.NO_CANTER);
    }

    private static List<Candidate> reported(RungId on, Feel feel, boolean stop) {
        List<Candidate> all = stair();
        all.replaceAll(c -> c.id().equals(on)
                ? new Candidate(
                        c.id(),
                        c.strand(),
                        c.step(),
                        c.state(),
                        c.wayBack(),
                        c.line(),
                        c.isFence(),
                        c.isHard(),
                        c.isQuickening(),
                        c.proposal(),
                        c.works(),
                        c.sides(),
                        Optional.ofNullable(feel),
                        stop,
                        c.turnsAgo(),
                        c.inHand())
                : c);
        return all;
    }

    @Test
    void goesOnWithWhatIsInWorkFromWhatItCanDo() {
        Plan plan = Planner.propose(facts(45, HORSE, look(3, 3), stair()));
        assertThat(plan.focus()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(plan.blocks().get(0).role()).isEqualTo(Block.Role.WAY_IN);
        assertThat(rungs(plan)).startsWith(COUNTER, INSIDE);
        assertThat(plan.blocks().get(1).wayBack()).contains(COUNTER);
        assertThat(plan.blocks().get(1).reasons()).extracting(Reason::code).contains(Reason.Code.IN_WORK);
        assertThat(plan.blocks().get(2).reasons()).extracting(Reason::code).contains(Reason.Code.SECOND);
    }

    /** The look's shoulder is signed: left heavy below 0, right heavy above (rules 1). */
    @ParameterizedTest
    @CsvSource({"-1, RIGHT, AWAY_FROM", "2, LEFT, AWAY_FROM", "0, RIGHT, STIFFER_EITHER"})
    void aTurnAwayFollowsTheHeavyShoulder(int shoulder, Side meant, Reason.Code why) {
        RungId turn = rung("turn-away", Gait.WALK);
        Candidate bend = behind(turn, WorkedSide.CHOSEN, 9, 3);
        Candidate away = with(bend, "shoulders", false);
        FirstLook look = Looks.of("soundness", "SOUND", "shoulder", shoulder, "shoulderBoth", shoulder != 0);
        PlanFacts facts = facts(45, HORSE, look, List.of(away));
        Block block = Planner.of(facts, List.of(new Planner.Request(away, Block.Role.MAIN, 600, Rein.NONE, false)))
                .blocks()
                .get(0);
        assertThat(block.meant()).isEqualTo(meant);
        assertThat(block.reasons()).extracting(Reason::code).contains(why);
    }

    @ParameterizedTest
    @CsvSource({"3, true", "2, false"})
    void whatQuickensIsNoWarmUpForAHorseThatIsHardToStop(int halt, boolean isWarmUp) {
        List<Candidate> stair = stair();
        stair.set(0, with(stair.get(0), "bend", true));
        Plan plan = Planner.propose(facts(45, HORSE, look(halt, 3), stair));
        assertThat(plan.blocks().get(0).rung().equals(COUNTER)).isEqualTo(isWarmUp);
    }

    @Test
    void thatItCanDoAThingIsNotSaidOfWhatItNeverPassed() {
        List<Candidate> stair = stair();
        stair.set(0, at(COUNTER, "bend", 0, RungState.OPEN, null, null));
        stair.set(1, at(INSIDE, "bend", 1, RungState.CLOSED, COUNTER, null));
        Plan plan = Planner.propose(facts(60, HORSE, look(3, 3), stair));
        assertThat(plan.blocks().stream().flatMap(b -> b.reasons().stream()).map(Reason::code))
                .contains(Reason.Code.FOOT_FIRST)
                .doesNotContain(Reason.Code.EASY_FIRST, Reason.Code.END_WELL, Reason.Code.KNOWN_ONLY);
    }

    private static Candidate with(Candidate c, String strand, boolean isQuickening) {
        return new Candidate(
                c.id(),
                strand,
                c.step(),
                c.state(),
                c.wayBack(),
                c.line(),
                c.isFence(),
                c.isHard(),
                isQuickening,
                c.proposal(),
                c.works(),
                c.sides(),
                c.report(),
                c.isReported(),
                c.turnsAgo(),
                c.inHand());
    }

    /** What a coach made for one horse is not put into another's plan before it was ridden there. */
    @ParameterizedTest
    @CsvSource({"0, true", ", false"})
    void anOwnExerciseIsProposedOnceThePairHasBegunIt(Integer ago, boolean isProposed) {
        List<Candidate> stair = stair();
        Candidate own = at(rung("own-gate", Gait.WALK), "bend", 2, RungState.OPEN, null, ago);
        stair.clear();
        stair.add(at(COUNTER, "bend", 0, RungState.PASSED, null, 1));
        stair.add(new Candidate(
                own.id(),
                own.strand(),
                own.step(),
                own.state(),
                own.wayBack(),
                own.line(),
                false,
                false,
                false,
                Proposal.ONCE_BEGUN,
                own.works(),
                own.sides(),
                own.report(),
                false,
                own.turnsAgo(),
                Optional.empty()));
        assertThat(rungs(Planner.propose(facts(45, HORSE, look(3, 3), stair))).contains(own.id()))
                .isEqualTo(isProposed);
    }

    @Test
    void theFocusOfTheLookComesFirst() {
        Plan plan = Planner.propose(facts(45, HORSE, look(3, 1), stair()));
        assertThat(plan.focus()).containsExactly(FocusKind.FORWARD);
        Block main = plan.blocks().stream()
                .filter(b -> b.role() == Block.Role.MAIN)
                .findFirst()
                .orElseThrow();
        assertThat(main.rung()).isEqualTo(LEG);
        assertThat(plan.notes()).extracting(PlanNote::code).contains(PlanNote.Code.RULE_OUT);
    }

    @Test
    void withoutAHaltNothingFasterThanWalk() {
        List<Candidate> stair = stair();
        stair.set(1, at(INSIDE, "bend", 1, RungState.PASSED, COUNTER, 1));
        stair.set(2, at(CIRCLE, "bend", 2, RungState.IN_WORK, INSIDE, 0));
        Plan plan = Planner.propose(facts(60, HORSE, look(1, 3), stair));
        assertThat(rungs(plan)).contains(HALT).doesNotContain(CIRCLE);
        assertThat(plan.notes().get(0).code()).isEqualTo(PlanNote.Code.WALK_ONLY);
        Plan two = Planner.propose(facts(60, HORSE, look(2, 3), stair));
        assertThat(rungs(two)).contains(CIRCLE);
    }

    @ParameterizedTest
    @CsvSource({"4, false, 20", "5, false, 45", "9, true, 20"})
    void longestWork(int age, boolean isBack, int minutes) {
        PlanFacts facts = facts(180, horse(age, false, isBack, OptionalInt.empty()), look(3, 3), stair());
        assertThat(facts.workCapS()).isEqualTo(minutes * 60);
        assertThat(Planner.propose(facts).workS())
                .isLessThanOrEqualTo(minutes * 60)
                .isGreaterThan(minutes * 60 - 150);
    }

    @ParameterizedTest
    @CsvSource({"false, false, 5", "true, false, 2", "false, true, 2"})
    void longestTurn(boolean firstYear, boolean isBack, int minutes) {
        PlanFacts facts = facts(45, horse(9, firstYear, isBack, OptionalInt.empty()), look(3, 3), stair());
        assertThat(facts.turnCapS()).isEqualTo(minutes * 60);
    }

    @Test
    void theWayBackFromABreakShortensTheWork() {
        Plan plan = Planner.propose(facts(60, horse(9, false, false, OptionalInt.of(16)), look(3, 3), stair()));
        assertThat(plan.workS()).isLessThanOrEqualTo(16 * 60);
        assertThat(plan.notes()).extracting(PlanNote::code).contains(PlanNote.Code.BACK_TO_WORK);
    }

    @Test
    void theCircleIsTheSmallestOnWhichItStayedEvenOnBothSides() {
        List<Candidate> stair = stair();
        stair.set(2, at(CIRCLE, "bend", 2, RungState.IN_WORK, INSIDE, 0));
        stair.set(1, at(INSIDE, "bend", 1, RungState.PASSED, COUNTER, 0));
        Block circle = Planner.propose(facts(45, HORSE, look(3, 3), stair)).blocks().stream()
                .filter(b -> b.rung().equals(CIRCLE))
                .findFirst()
                .orElseThrow();
        assertThat(circle.circleM()).hasValue(12);
        Block unseen = Planner.propose(facts(45, HORSE, null, stair)).blocks().stream()
                .filter(b -> b.rung().equals(CIRCLE))
                .findFirst()
                .orElseThrow();
        assertThat(unseen.circleM()).hasValue(20);
    }

    @Test
    void whatDidNotComeAtHomeBeginsWithTheWayBackAndGetsLonger() {
        Plan plain = Planner.propose(facts(45, HORSE, look(3, 3), stair()));
        Plan stuck = Planner.propose(facts(45, HORSE, look(3, 3), reported(INSIDE, Feel.NOT_YET, false)));
        Plan easy = Planner.propose(facts(45, HORSE, look(3, 3), reported(INSIDE, Feel.EASY, false)));
        assertThat(stuck.blocks().get(0).reasons()).extracting(Reason::code).contains(Reason.Code.BACK_FIRST);
        assertThat(secondsOn(stuck, INSIDE)).isGreaterThan(secondsOn(plain, INSIDE));
        assertThat(secondsOn(easy, INSIDE)).isLessThan(secondsOn(plain, INSIDE));
    }

    private static int secondsOn(Plan plan, RungId rung) {
        return plan.blocks().stream()
                .filter(b -> b.rung().equals(rung))
                .mapToInt(b -> b.time().seconds())
                .sum();
    }

    @Test
    void aStopSignLeavesTheRungOutAndSaysSo() {
        Plan plan = Planner.propose(facts(45, HORSE, look(3, 3), reported(INSIDE, Feel.GETTING_THERE, true)));
        assertThat(rungs(plan)).doesNotContain(INSIDE);
        assertThat(plan.notes().get(0).code()).isEqualTo(PlanNote.Code.STOP_SIGN_OPEN);
    }

    @Test
    void saysWhatEachCauseChangedByThePlanWithoutIt() {
        PlanFacts with = facts(45, HORSE, look(3, 3), reported(INSIDE, Feel.NOT_YET, false));
        PlanFacts without = facts(45, HORSE, look(3, 3), stair());
        PlanChange.Cause cause =
                new PlanChange.Cause(PlanChange.Kind.REPORT, INSIDE, "NOT_YET", LocalDate.of(2026, 3, 2));
        List<PlanChange> changes = PlanChange.because(
                with, List.of(new PlanChange.Supposition(cause, without), new PlanChange.Supposition(cause, with)));
        assertThat(changes).as("a cause that changes nothing is not named").hasSize(1);
        assertThat(changes.get(0).with()).isNotEqualTo(changes.get(0).without());
    }

    /** The record of a horse that is behind to the right, or not far enough to say so, by the rule that judges it. */
    private static Candidate behind(RungId id, WorkedSide works, int left, int right) {
        Sidedness sides = StifferSide.standard()
                .judge(Lessons.read("y".repeat(left) + "n".repeat(10 - left) + "/" + "y".repeat(right)
                                + "n".repeat(10 - right))
                        .facts());
        return new Candidate(
                id,
                "bend",
                1,
                RungState.IN_WORK,
                Optional.empty(),
                FigureKind.TRACK,
                false,
                false,
                false,
                Proposal.FREELY,
                works,
                Optional.of(sides),
                Optional.empty(),
                false,
                Optional.of(0),
                Optional.empty());
    }

    /** Left 9 of 10, right 3 of 10: Fisher's exact two-sided value is 0.020 (R's fisher.test, from memory). */
    @ParameterizedTest
    @CsvSource({
        "inside-bend, INSIDE, 9, 3, RIGHT, 12, STIFFER_COUNTS",
        "counter-bend, OUTSIDE, 9, 3, LEFT, 12, STIFFER_COUNTS",
        "counter-bend, OUTSIDE, 3, 9, RIGHT, 12, STIFFER_COUNTS",
        "turn-away, CHOSEN, 9, 3, NONE, 10, STIFFER_EITHER",
        "stand, NEITHER, 9, 3, NONE, 10, EQUAL",
        "inside-bend, INSIDE, 8, 4, NONE, 10, EQUAL",
    })
    void theLongerShareLiesOnTheReinThatWorksTheStifferSide(
            String exercise, WorkedSide works, int left, int right, Rein longer, int minutes, Reason.Code why) {
        Candidate rung = behind(rung(exercise, Gait.WALK), works, left, right);
        Rein wanted = works.reinFor(rung.sides().orElseThrow().stiffer());
        Block block = Planner.of(
                        facts(45, HORSE, look(3, 3), List.of(rung)),
                        List.of(new Planner.Request(rung, Block.Role.MAIN, 20 * 60, wanted, false)))
                .blocks()
                .get(0);
        assertThat(block.time().longer()).isEqualTo(longer);
        assertThat(Math.max(block.time().secondsOn(Rein.LEFT), block.time().secondsOn(Rein.RIGHT)))
                .isEqualTo(minutes * 60);
        assertThat(block.reasons()).extracting(Reason::code).contains(why);
    }

    @Test
    void reinsTheCoachMadeAlikeAreNotSaidToBeSoBecauseNoSideIsBehind() {
        Candidate rung = behind(INSIDE, WorkedSide.INSIDE, 9, 3);
        PlanFacts facts = facts(45, HORSE, look(3, 3), List.of(rung));
        Plan plan = Planner.of(facts, List.of(new Planner.Request(rung, Block.Role.MAIN, 600, Rein.NONE, false)));
        assertThat(plan.blocks().get(0).reasons())
                .extracting(Reason::code)
                .contains(Reason.Code.CHOSEN)
                .doesNotContain(Reason.Code.EQUAL);
    }

    @Test
    void theStifferSideGetsSixtyOfAHundred() {
        List<Candidate> stair = stair();
        stair.set(1, behind(INSIDE, WorkedSide.INSIDE, 9, 3));
        Block main =
                Planner.propose(facts(45, HORSE, look(3, 3), stair)).blocks().get(1);
        assertThat((double) main.time().secondsOn(Rein.RIGHT) / main.time().seconds())
                .isBetween(0.58, 0.62);
        assertThat(main.time().turns().get(0).rein())
                .as("begins on the easier rein")
                .isEqualTo(Rein.LEFT);
    }

    @Test
    void aCoachsOwnPlanIsKeptAndItsLimitsAreSaid() {
        PlanFacts facts = facts(45, HORSE, look(1, 3), stair());
        Candidate trot = facts.rungs().get(2);
        Plan own = Planner.of(
                facts,
                List.of(
                        new Planner.Request(trot, Block.Role.MAIN, 40 * 60, Rein.NONE, false),
                        new Planner.Request(facts.rungs().get(0), Block.Role.LAST, 10 * 60, Rein.LEFT, false)));
        assertThat(own.blocks()).hasSize(2);
        assertThat(own.blocks().get(0).reasons())
                .as("what nobody proposed, the coach chose")
                .extracting(Reason::code)
                .contains(Reason.Code.CHOSEN);
        Plan proposed = Planner.propose(facts(45, HORSE, look(3, 3), stair()));
        Plan same = Planner.of(
                facts(45, HORSE, look(3, 3), stair()),
                List.of(new Planner.Request(stair().get(1), Block.Role.MAIN, 600, Rein.NONE, false)));
        assertThat(same.blocks().get(0).reasons())
                .as("what was proposed keeps its why")
                .contains(proposed.blocks().get(1).reasons().get(0));
        assertThat(PlanLimits.of(own, facts))
                .extracting(PlanLimits.Breach::limit)
                .contains(
                        PlanLimits.Limit.WALK_ONLY,
                        PlanLimits.Limit.WORK_CAP,
                        PlanLimits.Limit.NOT_OPEN,
                        PlanLimits.Limit.LONGER_THAN_LESSON)
                .doesNotContain(PlanLimits.Limit.TURN_CAP, PlanLimits.Limit.TWO_TO_ONE);
    }

    /** Ten minutes a rein are 5 + 5 + 5 + 5, by the rule. */
    @Test
    void turns() {
        assertThat(ReinTime.of(1200, Rein.NONE, 0.6, 300).turns())
                .containsExactly(
                        new Turn(Rein.LEFT, 300),
                        new Turn(Rein.RIGHT, 300),
                        new Turn(Rein.LEFT, 300),
                        new Turn(Rein.RIGHT, 300));
        assertThat(ReinTime.of(1210, Rein.NONE, 0.6, 300).longestTurnS()).isLessThanOrEqualTo(300);
        assertThat(ReinTime.of(1200, Rein.LEFT, 0.6, 300).secondsOn(Rein.LEFT)).isEqualTo(720);
        assertThat(ReinTime.of(1200, Rein.LEFT, 0.6, 300).longer()).isEqualTo(Rein.LEFT);
        assertThat(ReinTime.of(239, Rein.NONE, 0.6, 300).turns()).hasSize(2);
        assertThat(ReinTime.of(240, Rein.NONE, 0.6, 300).turns()).hasSize(4);
        assertThat(ReinTime.alternating(200, 0, 300).turns()).containsExactly(new Turn(Rein.LEFT, 200));
        assertThatThrownBy(() -> ReinTime.of(59, Rein.NONE, 0.6, 300)).hasMessageContaining("at least a minute");
        assertThatThrownBy(() -> ReinTime.alternating(0, 0, 300)).hasMessageContaining("without a turn");
    }

    @Test
    void refusesALessonThatIsNone() {
        assertThatThrownBy(() -> facts(4, HORSE, null, stair())).hasMessageContaining("[5, 180]");
        assertThatThrownBy(() -> facts(181, HORSE, null, stair())).hasMessageContaining("[5, 180]");
    }
}
