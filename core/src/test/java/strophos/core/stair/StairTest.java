package strophos.core.stair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.Decision;

class StairTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static final RungId FOOT = id("foot");
    private static final RungId MIDDLE = id("middle");
    private static final RungId TOP = id("top");
    private static final Progression THREE = new Progression(
            "bend",
            List.of(
                    rung(FOOT, Set.of(), Optional.empty()),
                    rung(MIDDLE, Set.of(FOOT), Optional.of(FOOT)),
                    rung(TOP, Set.of(MIDDLE), Optional.of(MIDDLE))));

    @Test
    void opensOnlyTheFootAtFirst() {
        assertThat(states(Set.of())).containsValues(RungState.OPEN, RungState.CLOSED);
        assertThat(states(Set.of())).containsEntry(FOOT, RungState.OPEN).containsEntry(MIDDLE, RungState.CLOSED);
    }

    @Test
    void isInWorkOnceAsked() {
        assertThat(states(Set.of(FOOT, TOP)))
                .containsEntry(FOOT, RungState.IN_WORK)
                .containsEntry(TOP, RungState.CLOSED);
    }

    @Test
    void opensTheNextWhenTheCoachMovesOn() {
        assertThat(states(Set.of(FOOT), made(FOOT, Decision.MOVE_ON)))
                .containsEntry(FOOT, RungState.PASSED)
                .containsEntry(MIDDLE, RungState.OPEN)
                .containsEntry(TOP, RungState.CLOSED);
    }

    @Test
    void restsARungSteppedBackFromAndReopensItsWayBack() {
        assertThat(states(Set.of(FOOT, MIDDLE), made(FOOT, Decision.MOVE_ON), made(MIDDLE, Decision.STEP_BACK)))
                .containsEntry(FOOT, RungState.IN_WORK)
                .containsEntry(MIDDLE, RungState.RESTING);
    }

    @Test
    void takesARestingRungUpAgainWhenItsWayBackIsPassed() {
        assertThat(states(
                        Set.of(FOOT, MIDDLE),
                        made(FOOT, Decision.MOVE_ON),
                        made(MIDDLE, Decision.STEP_BACK),
                        made(FOOT, Decision.MOVE_ON)))
                .containsEntry(MIDDLE, RungState.IN_WORK);
    }

    @Test
    void letsTheLatestDecisionWin() {
        assertThat(states(Set.of(FOOT), made(FOOT, Decision.MOVE_ON), made(FOOT, Decision.STAY)))
                .containsEntry(FOOT, RungState.IN_WORK);
        assertThat(states(Set.of(FOOT), made(FOOT, Decision.GET_HELP))).containsEntry(FOOT, RungState.PAUSED);
        assertThat(states(Set.of(FOOT), made(FOOT, Decision.GET_HELP), made(FOOT, Decision.STAY)))
                .containsEntry(FOOT, RungState.IN_WORK);
    }

    @Test
    void staysInWorkAtTheFootWhereThereIsNoWayBack() {
        assertThat(states(Set.of(FOOT), made(FOOT, Decision.STEP_BACK))).containsEntry(FOOT, RungState.IN_WORK);
    }

    @Test
    void passesOverDecisionsOfOtherStrands() {
        assertThat(states(Set.of(), made(id("elsewhere"), Decision.MOVE_ON))).hasSize(3);
    }

    @Test
    void refusesAStairThatNeedsWhatStandsAbove() {
        assertThatThrownBy(() -> new Progression(
                        "bend",
                        List.of(rung(FOOT, Set.of(TOP), Optional.empty()), rung(TOP, Set.of(), Optional.empty()))))
                .hasMessageContaining("needs")
                .hasMessageContaining("does not stand below");
        assertThatThrownBy(() -> new Progression("bend", List.of(rung(FOOT, Set.of(), Optional.of(FOOT)))))
                .hasMessageContaining("goes back to");
        Rung foot = rung(FOOT, Set.of(), Optional.empty());
        assertThatThrownBy(() -> new Progression("bend", List.of(foot, foot))).hasMessageContaining("twice");
    }

    @Test
    void writesARungAsExerciseGaitPlace() {
        assertThat(FOOT).hasToString("foot.walk.rail");
    }

    @Test
    void aReopenedRungIsInWorkAgain() {
        assertThat(states(
                        Set.of(FOOT, MIDDLE),
                        made(FOOT, Decision.MOVE_ON),
                        made(MIDDLE, Decision.MOVE_ON),
                        made(FOOT, Decision.REOPEN)))
                .containsEntry(FOOT, RungState.IN_WORK)
                .containsEntry(MIDDLE, RungState.PASSED);
    }

    @Test
    void remembersWhatIsToBePassedAgainUntilItIs() {
        assertThat(decided(made(FOOT, Decision.STAY)).reopened()).isEmpty();
        assertThat(decided(made(FOOT, Decision.MOVE_ON)).reopened()).isEmpty();
        assertThat(decided(made(FOOT, Decision.MOVE_ON), made(FOOT, Decision.REOPEN))
                        .reopened())
                .containsExactly(FOOT);
        assertThat(decided(
                                made(FOOT, Decision.MOVE_ON),
                                made(FOOT, Decision.REOPEN),
                                made(FOOT, Decision.STAY),
                                made(FOOT, Decision.MOVE_ON))
                        .reopened())
                .isEmpty();
        assertThat(decided(made(FOOT, Decision.MOVE_ON), made(MIDDLE, Decision.STEP_BACK))
                        .reopened())
                .as("the way back is ridden again")
                .containsExactly(FOOT);
    }

    private static StairState decided(DecisionOnRung... made) {
        return Stair.decided(THREE, List.of(made));
    }

    @Test
    void stayingAndMakingItHarderKeepsTheRungInWork() {
        assertThat(states(Set.of(FOOT), made(FOOT, Decision.STAY_HARDER)))
                .containsEntry(FOOT, RungState.IN_WORK)
                .containsEntry(MIDDLE, RungState.CLOSED);
    }

    @Test
    void passingOpensNothingWhileTheNextRungWaitsForAnother() {
        RungId other = id("other");
        Progression two = new Progression(
                "bend",
                List.of(
                        rung(FOOT, Set.of(), Optional.empty()),
                        rung(other, Set.of(), Optional.empty()),
                        rung(TOP, Set.of(FOOT, other), Optional.empty())));
        assertThat(Stair.opensNothing(two, StairState.START, FOOT)).isTrue();
        assertThat(Stair.opensNothing(two, Stair.decided(two, List.of(made(other, Decision.MOVE_ON))), FOOT))
                .isFalse();
        assertThat(Stair.opensNothing(THREE, StairState.START, FOOT)).isFalse();
        assertThat(Stair.opensNothing(THREE, StairState.START, TOP))
                .as("the top")
                .isFalse();
        assertThat(Stair.opensNothing(THREE, Stair.decided(THREE, List.of(made(MIDDLE, Decision.GET_HELP))), FOOT))
                .as("the next rung is paused")
                .isTrue();
    }

    /** Placed opens what needs it, is not passed, and goes by a decision that says more or is taken back. */
    @Test
    void aPlacedRungOpensWhatNeedsIt() {
        Placing known = new Placing(FOOT, true);
        assertThat(after(known)).containsEntry(FOOT, RungState.PLACED).containsEntry(MIDDLE, RungState.OPEN);
        assertThat(after(known, new Placing(FOOT, false)))
                .containsEntry(FOOT, RungState.OPEN)
                .containsEntry(MIDDLE, RungState.CLOSED);
        assertThat(after(known, made(FOOT, Decision.MOVE_ON))).containsEntry(FOOT, RungState.PASSED);
        assertThat(after(made(FOOT, Decision.MOVE_ON), known)).containsEntry(FOOT, RungState.PASSED);
        assertThat(after(known, made(FOOT, Decision.STAY))).containsEntry(FOOT, RungState.PLACED);
        assertThat(after(known, made(MIDDLE, Decision.STEP_BACK)))
                .as("its way back is to be shown again")
                .containsEntry(FOOT, RungState.OPEN)
                .containsEntry(MIDDLE, RungState.RESTING);
        assertThat(new Needs(List.of(THREE)).of(TOP)).containsExactly(FOOT, MIDDLE);
        assertThat(new Needs(List.of(THREE)).of(FOOT)).isEmpty();
    }

    private static Map<RungId, RungState> after(StairEvent... events) {
        return Stair.states(THREE, Set.of(), Stair.decided(THREE, List.of(events)));
    }

    /** Gaits in the order halt, walk, trot, canter; places rail, circle, across (rules 3). */
    @Test
    void refusesToPassOverAGaitOrAPlace() {
        RungId walk = new RungId("bend", Gait.WALK, Place.RAIL);
        RungId trot = new RungId("bend", Gait.TROT, Place.RAIL);
        RungId circle = new RungId("bend", Gait.WALK, Place.CIRCLE);
        for (RungId later : List.of(trot, circle)) {
            List<Rung> free = List.of(rung(walk, Set.of(), Optional.empty()), rung(later, Set.of(), Optional.empty()));
            assertThatThrownBy(() -> new Progression("bend", free)).hasMessageContaining("does not need " + walk);
            assertThat(new Progression(
                                    "bend",
                                    List.of(
                                            rung(walk, Set.of(), Optional.empty()),
                                            rung(FOOT, Set.of(walk), Optional.empty()),
                                            rung(later, Set.of(FOOT), Optional.empty())))
                            .rungs())
                    .as("through another")
                    .hasSize(3);
        }
        assertThat(new Progression(
                                "bend",
                                List.of(
                                        rung(trot, Set.of(), Optional.empty()),
                                        rung(circle, Set.of(), Optional.empty())))
                        .rungs())
                .as("trot on the rail and walk on the circle: neither is earlier")
                .hasSize(2);
    }

    private static Ask ask(Mounted mounted) {
        return new Ask("e", 0, Side.LEFT, mounted, Strength.LIGHT, Response.YES);
    }

    private static Map<RungId, RungState> states(Set<RungId> asked, DecisionOnRung... decided) {
        return Stair.states(THREE, asked, Stair.decided(THREE, Arrays.asList(decided)));
    }

    private static DecisionOnRung made(RungId rung, Decision decision) {
        return new DecisionOnRung(rung, decision);
    }

    private static RungId id(String exercise) {
        return new RungId(exercise, Gait.WALK, Place.RAIL);
    }

    private static Rung rung(RungId id, Set<RungId> needs, Optional<RungId> wayBack) {
        return new Rung(id, needs, wayBack, Optional.empty(), WorkedSide.INSIDE);
    }
}
