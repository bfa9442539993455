package strophos.core.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.hipparchus.stat.interval.BinomialProportion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WilsonTest {

    /** 81/263, 15/148: R. G. Newcombe, Statistics in Medicine 17 (1998), table I; 8/10, 5/5 worked by hand from the formula. */
    @ParameterizedTest
    @CsvSource({"81, 263, 0.2553, 0.3662", "15, 148, 0.0624, 0.1605", "8, 10, 0.4902, 0.9433", "5, 5, 0.5655, 1"})
    void agreesWithPublishedValues(int successes, int of, double low, double high) {
        Interval interval = Wilson.of(new Proportion(successes, of));
        assertThat(interval.low()).isCloseTo(low, within(0.00005));
        assertThat(interval.high()).isCloseTo(high, within(0.00005));
    }

    /** Hipparchus takes a rate for the count; for rates that are counts the two must agree. */
    @Test
    void agreesWithAGeneralLibrary() {
        SplittableRandom random = new SplittableRandom(11);
        for (int i = 0; i < 500; i++) {
            int of = 1 + random.nextInt(400);
            int successes = random.nextInt(of + 1);
            Interval ours = Wilson.of(new Proportion(successes, of));
            var theirs = BinomialProportion.getWilsonScoreInterval(of, (double) successes / of, 0.95);
            assertThat(ours.low()).as("%d of %d", successes, of).isCloseTo(theirs.getLowerBound(), within(1e-9));
            assertThat(ours.high()).as("%d of %d", successes, of).isCloseTo(theirs.getUpperBound(), within(1e-9));
        }
    }

    @Test
    void mirrorsWhenSuccessAndFailureChangePlaces() {
        Interval some = Wilson.of(new Proportion(3, 17));
        Interval others = Wilson.of(new Proportion(14, 17));
        assertThat(others.low()).isCloseTo(1 - some.high(), within(1e-12));
        assertThat(others.high()).isCloseTo(1 - some.low(), within(1e-12));
    }

    @Test
    void saysNothingAboutNothing() {
        assertThat(Wilson.of(new Proportion(0, 0))).isEqualTo(new Interval(0, 1));
    }

    @Test
    void endsExactlyAtTheEdges() {
        assertThat(Wilson.of(new Proportion(0, 9)).low()).isZero();
        assertThat(Wilson.of(new Proportion(9, 9)).high()).isEqualTo(1);
    }

    @Test
    void refusesCountsThatCannotBe() {
        assertThatThrownBy(() -> new Proportion(5, 4)).hasMessageContaining("swapped");
        assertThatThrownBy(() -> new Proportion(-1, 4)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Interval(Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Proportion(0, 0).share()).hasMessageContaining("isEmpty");
    }
}
