package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.judgement.Judgement;

/** The default: 8 of the last 10 at strength 2 or lighter, on each side, in 2 lessons (common practice, no source). */
class RateCriterionTest {

    private static final String EIGHT = "yyyyyyyytt";
    private static final String SEVEN = "yyyyyyyttt";
    private final Criterion rate = RungDecision.standard().criterion(Optional.empty());

    @Test
    void isMetByEightOfTenOnBothReinsInTwoLessons() {
        assertThat(rate.judge(Lessons.of(EIGHT, EIGHT).then(EIGHT, EIGHT).facts()))
                .isInstanceOf(Judgement.Met.class);
    }

    @Test
    void isNotMetByOneLesson() {
        Judgement once = rate.judge(Lessons.of(EIGHT, EIGHT).facts());
        assertThat(once).isInstanceOf(Judgement.Broken.class);
        assertThat(missing(once))
                .containsExactly(new Missing.Lessons(Side.LEFT, 1), new Missing.Lessons(Side.RIGHT, 1));
    }

    @Test
    void passesWithTheWeakerRein() {
        Judgement judged =
                rate.judge(Lessons.of(EIGHT, SEVEN).then(EIGHT, SEVEN).facts());
        assertThat(judged).isInstanceOf(Judgement.Broken.class);
        assertThat(missing(judged)).containsExactly(new Missing.Successes(Side.RIGHT, 1, 10));
    }

    @Test
    void countsAYesOnlyUpToItsStrength() {
        String clear = "y3".repeat(10);
        assertThat(missing(
                        rate.judge(Lessons.of(EIGHT, clear).then(EIGHT, clear).facts())))
                .containsExactly(new Missing.Successes(Side.RIGHT, 8, 10));
    }

    @Test
    void asksForAFullWindowFirst() {
        Judgement few = rate.judge(Lessons.of("y".repeat(9), EIGHT).facts());
        assertThat(few).isInstanceOfSatisfying(Judgement.NotEnoughData.class, n -> {
            assertThat(n.seen()).isEqualTo(9);
            assertThat(n.needed()).isEqualTo(10);
        });
        assertThat(missing(few)).contains(new Missing.Asks(Side.LEFT, 1, 10));
    }

    @Test
    void readsOnlyTheLastTen() {
        assertThat(rate.judge(Lessons.of("wwwwwwwwww" + EIGHT, EIGHT)
                        .then("yyyyy", "yyyyy")
                        .facts()))
                .isInstanceOf(Judgement.Met.class);
    }

    @Test
    void passesOverALessonWithHardlyAnAskOnThatRein() {
        // four asks are under half a window: the second lesson does not count, the third does
        Lessons two = Lessons.of(EIGHT, EIGHT).then("yyyy", EIGHT);
        assertThat(missing(rate.judge(two.facts()))).containsExactly(new Missing.Lessons(Side.LEFT, 1));
        assertThat(rate.judge(two.then("yyyyy", EIGHT).facts())).isInstanceOf(Judgement.Met.class);
    }

    @Test
    void startsAgainAfterALessonThatDidNotHold() {
        Lessons fell = Lessons.of(EIGHT, EIGHT).then(SEVEN, EIGHT).then(EIGHT, EIGHT);
        assertThat(missing(rate.judge(fell.facts()))).containsExactly(new Missing.Lessons(Side.LEFT, 1));
    }

    @Test
    void leavesTheCoachsRidingOut() {
        assertThat(missing(rate.judge(Lessons.of(EIGHT, EIGHT)
                        .then(EIGHT, EIGHT, Mounted.COACH)
                        .facts())))
                .containsExactly(new Missing.Lessons(Side.LEFT, 1), new Missing.Lessons(Side.RIGHT, 1));
    }

    @Test
    void asksForCertaintyWhereTheWindowIsSmall() {
        // 4 of 5: the rate is 80 %, but the lower end of the interval is only 0.3755 (Wilson, by hand)
        RateCriterion small = new RateCriterion(0.8, 5, Strength.LIGHT, 1, 0.45);
        assertThat(missing(small.judge(Lessons.of("yyyyt", "yyyyy").facts())))
                .singleElement()
                .isInstanceOfSatisfying(Missing.Certainty.class, c -> {
                    assertThat(c.side()).isEqualTo(Side.LEFT);
                    assertThat(c.lowerEnd()).isBetween(0.375, 0.376);
                });
    }

    @Test
    void asksForWholeSuccessesWithoutBinaryDust() {
        assertThat(new RateCriterion(0.7, 10, Strength.LIGHT, 1, 0).needed()).isEqualTo(7);
        assertThat(new RateCriterion(0.75, 10, Strength.LIGHT, 1, 0).needed()).isEqualTo(8);
    }

    @Test
    void refusesThresholdsThatMeanNothing() {
        assertThatThrownBy(() -> new RateCriterion(1.2, 10, Strength.LIGHT, 2, 0.4))
                .hasMessageContaining("(0, 1]");
        assertThatThrownBy(() -> new RateCriterion(0.8, 0, Strength.LIGHT, 2, 0.4))
                .hasMessageContaining("at least 1");
    }

    /** "9 of about 12 good", counted afterwards, then four touched in: of the last ten six are tallied. */
    @Test
    void saysHowManyOfItsAsksAreTallied() {
        List<Ask> asks = new ArrayList<>(Ask.tallied("t", 0, Side.LEFT, Mounted.RIDER, Strength.LIGHT, 9, 3));
        asks.addAll(Lessons.asks("yyyy", Side.LEFT, Mounted.RIDER));
        RungFacts facts =
                new RungFacts(WorkedSide.INSIDE, List.of(new LessonFacts("a", LocalDate.of(2026, 3, 2), asks)));
        RungEvidence.OfSide left = rate.onSide(facts, Side.LEFT);
        assertThat(left.counted().total()).isEqualTo(10);
        assertThat(left.tallied()).isEqualTo(6);
        assertThat(rate.onSide(facts, Side.RIGHT).tallied()).isZero();
    }

    private static List<Missing> missing(Judgement judged) {
        return judged.evidence().stream()
                .flatMap(e -> ((RungEvidence.OfSide) e).missing().stream())
                .toList();
    }

    @Test
    void whatWorksNoSideIsJudgedOnceByHalfTheAsks() {
        List<Ask> asks = Lessons.asks("y".repeat(10), Side.NONE, Mounted.RIDER);
        LessonFacts monday = new LessonFacts("a", LocalDate.of(2026, 3, 2), asks);
        LessonFacts tuesday = new LessonFacts("b", LocalDate.of(2026, 3, 3), asks);
        RungFacts standing = new RungFacts(WorkedSide.NEITHER, List.of(monday, tuesday));
        RungFacts turning = new RungFacts(WorkedSide.CHOSEN, List.of(monday, tuesday));
        assertThat(rate.judge(standing)).isInstanceOf(Judgement.Met.class);
        assertThat(rate.judge(turning))
                .as("a side that was not said counts for none")
                .isInstanceOf(Judgement.NotEnoughData.class);
        assertThat(turning.last(20)).as("and for the rung").hasSize(20);
    }
}
