package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;

/** Thresholds are the defaults of the rule book (common practice, no source); each is tried on both sides. */
class RungDecisionTest {

    private static final String EIGHT = "yyyyyyyytt";
    private static final Thresholds T = RungThresholds.SET.standard();
    private static final Forcing FORCING = Forcing.of(T);
    private static final TooFewTries TRIES = TooFewTries.of(T);
    private static final OneSideFails ONE_REIN = OneSideFails.of(T);
    private final RungDecision book = RungDecision.standard();

    private Advice advise(Lessons lessons) {
        return book.advise(lessons.facts(), Optional.empty(), Standing.IN_WORK);
    }

    @Test
    void movesOnWhenTheCriterionHoldsAndNothingSpeaksAgainst() {
        Advice advice = advise(Lessons.of(EIGHT, EIGHT).then(EIGHT, EIGHT));
        assertThat(advice.decision()).isEqualTo(Decision.MOVE_ON);
        assertThat(advice.missing()).isEmpty();
        assertThat(advice.book()).isEqualTo("rung-decision/3");
    }

    @Test
    void aPassedRungCanStayPassedBeOpenedAgainOrWait() {
        Advice passed = book.advise(
                Lessons.of(EIGHT, EIGHT).facts(), Optional.empty(), new Standing(true, false, java.util.List.of()));
        assertThat(passed.choices()).containsExactly(Decision.MOVE_ON, Decision.REOPEN, Decision.GET_HELP);
        assertThat(advise(Lessons.of(EIGHT, EIGHT)).choices())
                .contains(Decision.STEP_BACK, Decision.STAY_HARDER)
                .doesNotContain(Decision.REOPEN);
    }

    @Test
    void staysAndNamesWhatIsMissing() {
        Advice advice = advise(Lessons.of(EIGHT, "yyyyyytttt"));
        assertThat(advice.decision()).isEqualTo(Decision.STAY);
        assertThat(advice.missing())
                .containsExactly(new Missing.Lessons(Side.LEFT, 1), new Missing.Successes(Side.RIGHT, 2, 10));
    }

    @Test
    void staysWithoutAnAskAndSaysHowManyAreNeeded() {
        Advice advice = advise(Lessons.of("", ""));
        assertThat(advice.decision()).isEqualTo(Decision.STAY);
        assertThat(advice.missing())
                .containsExactly(new Missing.Asks(Side.LEFT, 10, 10), new Missing.Asks(Side.RIGHT, 10, 10));
    }

    @Test
    void stepsBackWhenForcedEvenThoughTheRateIsThere() {
        // the last ten asks hold three at strength 4
        Advice advice = advise(Lessons.of(EIGHT, EIGHT).then(EIGHT, "yyyyyyy" + "t4t4t4"));
        assertThat(advice.decision()).isEqualTo(Decision.STEP_BACK);
        assertThat(advice.ruleId()).isEqualTo("step-back.forcing");
    }

    @ParameterizedTest
    @CsvSource({
        "yyyyyyyt4t4t4, true, three of ten at strength 4",
        "yyyyyyyyt4t4, false, two of ten",
        "y3y3y3y3y3y3y3y3y3y3, true, mean strength 3",
        "y3y3y3y3y3y3y3y3y3y, false, mean strength 2.9",
        "t4t4t4t4t4t4t4, false, seven asks are too few",
        "t4t4t4t4t4t4t4t4, true, eight are enough"
    })
    void forcing(String asks, boolean isForced, String why) {
        assertThat(FORCING.judge(Lessons.of(asks, "").facts()) instanceof Judgement.Met)
                .as(why)
                .isEqualTo(isForced);
    }

    @ParameterizedTest
    @CsvSource({
        "yttbnwwb, true, three of eight",
        "ytttnwwb, false, four of eight are half",
        "wwwwwww, false, seven asks are too few"
    })
    void tooFewTries(String asks, boolean isMet, String why) {
        assertThat(TRIES.judge(Lessons.of(asks, "").facts()) instanceof Judgement.Met)
                .as(why)
                .isEqualTo(isMet);
    }

    @Test
    void tooFewTriesLooksAtTheLessonOnly() {
        assertThat(TRIES.judge(Lessons.of("wwwwwwwwww", "").then("yyyyyyyy", "").facts()))
                .isInstanceOf(Judgement.Broken.class);
    }

    /** Fisher's two-sided p, by hand from the hypergeometric weights: 9/10 against 3/10 0.0198, 6/10 against 3/10 0.3698. */
    @ParameterizedTest
    @CsvSource({
        "yyyyyyyyyt, yyyttttttt, true, 9 against 3",
        "yyyyyytttt, yyyttttttt, false, 6 against 3 may be chance",
        "yyyyyyyyyy, yyyytttttt, false, 4 of 10 is not under 40 %",
        "yyyyyyyyyy, yyttttt, false, seven asks are too few",
        "yyyyyyyyyy, yytttttt, true, eight are enough"
    })
    void oneReinFails(String left, String right, boolean isMet, String why) {
        assertThat(ONE_REIN.judge(Lessons.of(left, right).facts()) instanceof Judgement.Met)
                .as(why)
                .isEqualTo(isMet);
        assertThat(ONE_REIN.judge(Lessons.of(right, left).facts()) instanceof Judgement.Met)
                .as("mirrored: " + why)
                .isEqualTo(isMet);
    }

    @Test
    void namesTheWorseRein() {
        Judgement judged = ONE_REIN.judge(Lessons.of("yyyyyyyyyt", "yyyttttttt").facts());
        assertThat(judged.evidence()).singleElement().isInstanceOfSatisfying(RungEvidence.OfDifference.class, d -> {
            assertThat(d.worse()).contains(Side.RIGHT);
            assertThat(d.left()).isEqualTo(new Proportion(9, 10));
        });
    }

    @Test
    void fiveWrongTurnMoveOnIntoStay() {
        Lessons good = Lessons.of(EIGHT, EIGHT).then(EIGHT, EIGHT);
        assertThat(advise(good).decision()).isEqualTo(Decision.MOVE_ON);
        Lessons spoilt = Lessons.of(EIGHT, EIGHT).then(EIGHT + "ww", EIGHT + "www");
        assertThat(advise(spoilt).decision()).isEqualTo(Decision.STAY);
        // all five on one side leave it 3 of 10 against 8 of 10: by hand p = 0.0698
        Lessons lopsided = Lessons.of(EIGHT, EIGHT).then(EIGHT, EIGHT + "wwwww");
        assertThat(advise(lopsided).ruleId()).isEqualTo("step-back.one-rein-fails");
    }
}
