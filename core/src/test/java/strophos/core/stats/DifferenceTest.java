package strophos.core.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferenceTest {

    private static Proportion of(int successes, int all) {
        return new Proportion(successes, all);
    }

    private static Stratified.Table table(int with, int withOf, int without, int withoutOf) {
        return new Stratified.Table(of(with, withOf), of(without, withoutOf));
    }

    /** Newcombe 1998, table II, method 10: 56/70 − 48/80; the others from the same table (from memory). */
    @ParameterizedTest
    @CsvSource({
        "56, 70, 48, 80, 0.0524, 0.3339",
        "9, 10, 3, 10, 0.1705, 0.8090",
        "10, 10, 0, 10, 0.6075, 1.0000",
        "10, 10, 0, 20, 0.6791, 1.0000"
    })
    void newcombesInterval(int a, int ofA, int b, int ofB, double low, double high) {
        Newcombe.Difference d = Newcombe.of(of(a, ofA), of(b, ofB));
        assertThat(d.interval().low()).isCloseTo(low, within(0.00006));
        assertThat(d.interval().high()).isCloseTo(high, within(0.00006));
    }

    @Test
    void turnsRoundWithItsArguments() {
        Newcombe.Difference d = Newcombe.of(of(7, 9), of(3, 11));
        Newcombe.Difference back = Newcombe.of(of(3, 11), of(7, 9));
        assertThat(back.interval().low()).isCloseTo(-d.interval().high(), within(1e-12));
        assertThatThrownBy(() -> Newcombe.of(of(0, 0), of(1, 2))).hasMessageContaining("no share of nothing");
    }

    /** One stratum is Fisher's exact test. */
    @Test
    void oneStratumIsFishers() {
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 300; i++) {
            int ofA = 1 + random.nextInt(12);
            int ofB = 1 + random.nextInt(12);
            Proportion a = of(random.nextInt(ofA + 1), ofA);
            Proportion b = of(random.nextInt(ofB + 1), ofB);
            assertThat(Stratified.test(List.of(new Stratified.Table(a, b))).p())
                    .isCloseTo(FisherExact.twoSided(a, b), within(1e-9));
        }
    }

    /** By hand: two tables 2/2 against 0/2 have the sums 0 to 4 at 1, 8, 18, 8, 1 of 36; the ends together are 2/36. */
    @Test
    void twoStrataByHand() {
        Stratified.Result result = Stratified.test(List.of(table(2, 2, 0, 2), table(2, 2, 0, 2)));
        assertThat(result.p()).isCloseTo(2.0 / 36, within(1e-12));
        assertThat(result.informative()).isEqualTo(2);
        assertThat(result.oddsRatio()).hasValue(Double.POSITIVE_INFINITY);
    }

    /** Admissions of six departments (Bickel, Hammel, O'Connell 1975): common odds ratio 0.9047 (from memory, from R's docs). */
    @Test
    void commonOddsRatio() {
        List<Stratified.Table> departments = List.of(
                table(512, 825, 89, 108),
                table(353, 560, 17, 25),
                table(120, 325, 202, 593),
                table(138, 417, 131, 375),
                table(53, 191, 94, 393),
                table(22, 373, 24, 341));
        Stratified.Result result = Stratified.test(departments);
        assertThat(result.oddsRatio().orElseThrow()).isCloseTo(0.9047, within(0.00005));
        assertThat(result.p()).as("no bias once departments are kept apart").isGreaterThan(0.1);
    }

    @Test
    void strataThatTellNothingAreNamed() {
        Stratified.Result none = Stratified.test(List.of(table(3, 3, 4, 4), table(0, 0, 1, 2)));
        assertThat(none.p()).isEqualTo(1);
        assertThat(none.informative()).isZero();
        assertThat(none.oddsRatio()).isEmpty();
        assertThat(Stratified.test(List.of()).p()).isEqualTo(1);
    }

    /** By hand: of the 6 ways to draw two of {0, 0, 1, 1} one has both ones. */
    @Test
    void permutationByHand() {
        Permutation.Result result = Permutation.isHigher(new double[] {0, 0}, new double[] {1, 1}, 1);
        assertThat(result.p()).isCloseTo(1.0 / 6, within(1e-12));
        assertThat(result.way()).isEqualTo(Permutation.Way.EXACT);
        assertThat(Permutation.isHigher(new double[] {1, 1}, new double[] {0, 0}, 1)
                        .p())
                .isEqualTo(1);
    }

    @Test
    void drawnPermutationsComeNearTheExactOnesAndRepeatBySeed() {
        double[] before = {0, 0.5, 0.5, 1, 0, 0.5, 0.35, 1};
        double[] after = {1, 1, 0.5, 1, 0.85, 1, 0.5, 1};
        Permutation.Result exact = Permutation.isHigher(before, after, 1);
        assertThat(exact.way()).as("12 870 ways").isEqualTo(Permutation.Way.EXACT);
        double[] more = java.util.Arrays.copyOf(before, 10);
        more[8] = 0.5;
        more[9] = 0.5;
        Permutation.Result drawn = Permutation.isHigher(more, after, 7);
        assertThat(drawn.way()).as("43 758 ways").isEqualTo(Permutation.Way.DRAWN);
        assertThat(drawn).isEqualTo(Permutation.isHigher(more, after, 7));
        assertThat(drawn.p()).isCloseTo(Permutation.isHigher(more, after, 8).p(), within(0.01));
        assertThatThrownBy(() -> Permutation.isHigher(new double[0], after, 1)).hasMessageContaining("need a score");
    }
}
