package strophos.bench.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Small versions of what {@code ./strophos bench judgement} measures: a bound each, with two standard errors. The large ones
 * stand in docs/judgement.md.
 */
class CharacteristicsTest {

    private static final int PAIRS = 300;

    private static void isAtMost(double share, Counted counted) {
        assertThat(counted.share() - 2 * counted.error()).as(counted.line()).isLessThanOrEqualTo(share);
    }

    private static void isAtLeast(double share, Counted counted) {
        assertThat(counted.share() + 2 * counted.error()).as(counted.line()).isGreaterThanOrEqualTo(share);
    }

    @Test
    void aPairThatHasItHalfTheTimeIsNotMovedOn() {
        isAtMost(0.01, Decisions.movesOn(0.5, 8, 10, PAIRS));
        isAtLeast(0.9, Decisions.movesOn(0.9, 4, 10, PAIRS));
    }

    @Test
    void aPairThatHasItIsNotSteppedBack() {
        isAtMost(0.03, Decisions.stepsBack(0.8, 4, 10, PAIRS));
        isAtMost(0.03, Decisions.reopens(0.85, 20, 6, PAIRS));
        isAtLeast(0.8, Decisions.reopens(0.35, 4, 6, PAIRS));
    }

    @Test
    void aLevelHorseIsRarelyCalledStiff() {
        isAtMost(0.1, Decisions.namesRight(0.7, 0.7, 6, 10, PAIRS));
        isAtLeast(0.7, Decisions.namesRight(0.8, 0.55, 6, 10, PAIRS));
    }

    /** The promise: at most one pair in ten is shown anything where there is nothing. */
    @Test
    void faultsThatDoNothingAreRarelyWorthChecking() {
        isAtMost(0.1, Causes.falseFindings(10, PAIRS));
        isAtLeast(0.9, Causes.trueFinding(8, 3, 4, PAIRS));
    }

    @Test
    void warmingUpIsNotTakenForHelp() {
        isAtMost(0.1, Causes.moreThanWaiting(3, 0.15, 0, PAIRS));
        isAtLeast(0.6, Causes.moreThanWaiting(6, 0.15, 0.3, PAIRS));
    }

    @Test
    void aRateThatRisesIsNoPlateau() {
        isAtMost(0.02, Changes.plateau(3, 10, 20, PAIRS));
        isAtMost(0.02, Changes.plateau(3, 20, 20, PAIRS));
        isAtMost(0.05, Changes.moves(0, 20, 20, PAIRS));
        isAtLeast(0.5, Changes.plateau(0, 20, 20, PAIRS));
    }

    /** Stopping at a success flatters the last third by ten points and more; as the rule counts it never does. */
    @Test
    void whatEndedAnExerciseDoesNotFlatterIt() {
        isAtMost(0.1, Changes.falseThirds(0.5, PAIRS));
        double[] free = Changes.thirdsBias(0.5, 0, 10 * PAIRS);
        assertThat(free[0]).as("naive").isGreaterThan(15);
        assertThat(free[1]).as("as the rule counts").isBetween(-2.0, 2.0);
        double[] least = Changes.thirdsBias(0.5, 18, 10 * PAIRS);
        assertThat(least[0]).as("naive").isBetween(7.0, 12.0);
        assertThat(least[1]).as("as the rule counts, a little too strict").isBetween(-8.0, 0.0);
    }

    @Test
    void theSamePairIsAlwaysTheSame() {
        assertThat(new SimulatedPair(7).lessons(2, 0.6, 0.6, 5))
                .isEqualTo(new SimulatedPair(7).lessons(2, 0.6, 0.6, 5))
                .isNotEqualTo(new SimulatedPair(8).lessons(2, 0.6, 0.6, 5));
    }
}
