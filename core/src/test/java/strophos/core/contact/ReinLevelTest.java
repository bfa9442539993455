package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.hipparchus.stat.descriptive.rank.Percentile;
import org.hipparchus.stat.descriptive.rank.Percentile.EstimationType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Side;

class ReinLevelTest {

    private static final Optional<Band> BAND = Optional.of(new Band(2, 4));

    /** Against a general library's percentile of the same kind, over fixed seeds. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void quantilesAreThoseOfALibrary(long seed) {
        ReinSeries series = Reins.chance(seed, 997);
        double[] kg = java.util.stream.IntStream.range(0, series.length())
                .filter(i -> !series.isGap(Side.LEFT, i))
                .mapToDouble(i -> series.kg(Side.LEFT, i))
                .toArray();
        KgCounts counts = KgCounts.of(series, Side.LEFT);
        Percentile library = new Percentile().withEstimationType(EstimationType.R_7);
        assertThat(counts.total()).isEqualTo(kg.length);
        for (double share : new double[] {0.01, 0.25, 0.5, 0.77, 0.95, 1}) {
            assertThat(counts.quantile(share)).isCloseTo(library.evaluate(kg, share * 100), within(1e-9));
        }
        assertThat(counts.quantile(0))
                .isEqualTo(java.util.Arrays.stream(kg).min().orElseThrow());
    }

    /** By hand: 1 kg for 10 s, then 3 kg, then 5 kg; the level of 1 s goes up at once and comes down never. */
    @Test
    void saysHowHeavyHowLongInTheBandAndHowOftenOverIt() {
        ReinSeries series = Reins.both(20, 30, s -> s < 10 ? 1 : s < 20 ? 3 : 5);
        ReinLevel level = ReinLevel.of(series, Side.LEFT, 1, BAND).orElseThrow();
        assertThat(level.samples()).isEqualTo(600);
        assertThat(level.levelKg()).isEqualTo(3);
        assertThat(level.medianKg()).isEqualTo(3);
        assertThat(level.highKg()).isEqualTo(5);
        assertThat(level.slackShare()).isZero();
        assertThat(level.inBandShare().getAsDouble()).isCloseTo(1 / 3.0, within(1e-12));
        assertThat(level.overAMinute().getAsDouble()).isCloseTo(2, within(1e-12));
    }

    @Test
    void aBandEndsWithItsEdgesAndSlackBelowAFifthOfAKilogram() {
        ReinSeries edges = Reins.of(20, 12, s -> s < 6 ? 2 : 4, s -> s < 6 ? 0.19 : 0.2);
        BothReins reins = BothReins.of(edges, 1, BAND);
        assertThat(reins.left().orElseThrow().inBandShare()).hasValue(1);
        assertThat(reins.left().orElseThrow().overAMinute()).hasValue(0);
        assertThat(reins.right().orElseThrow().slackShare()).isEqualTo(0.5);
    }

    @Test
    void saysNothingOfLessThanTenSecondsAndNothingOfABandThatIsNotSet() {
        assertThat(ReinLevel.of(Reins.both(20, 9.9, s -> 3), Side.LEFT, 1, BAND))
                .isEmpty();
        assertThat(ReinLevel.of(Reins.both(20, 30, s -> s < 20.1 ? Double.NaN : 3), Side.LEFT, 1, BAND))
                .isEmpty();
        ReinLevel level = ReinLevel.of(Reins.both(20, 10, s -> 3), Side.LEFT, 1, Optional.empty())
                .orElseThrow();
        assertThat(level.inBandShare()).isEmpty();
        assertThat(level.overAMinute()).isEmpty();
    }

    /** (R − L) / (R + L): 3 and 5 kg give a quarter to the right; swapped reins the same to the left. */
    @Test
    void asymmetryIsAboveNothingWhereTheRightReinCarriesMore() {
        assertThat(asymmetry(3, 5)).hasValue(0.25);
        assertThat(asymmetry(5, 3)).hasValue(-0.25);
        assertThat(asymmetry(0, 4)).hasValue(1);
        assertThat(asymmetry(0.1, 0.1)).isEmpty();
        assertThat(BothReins.of(Reins.of(20, 12, s -> 3, s -> Double.NaN), 1, BAND)
                        .asymmetry())
                .isEmpty();
    }

    private static java.util.OptionalDouble asymmetry(double leftKg, double rightKg) {
        return reins(leftKg, rightKg).asymmetry();
    }

    private static BothReins reins(double leftKg, double rightKg) {
        return BothReins.of(Reins.of(20, 12, s -> leftKg, s -> rightKg), 1, BAND);
    }

    /** 3 and 3.5 kg: the right rein carries a sixth more. 3 and 3.3 kg differ by less than one in twenty of both. */
    @Test
    void theHeavierReinIsNamedWithByHowMuch() {
        assertThat(reins(3, 3.5).heavier()).contains(Side.RIGHT);
        assertThat(reins(3, 3.5).heavierBy().getAsDouble()).isCloseTo(1 / 6.0, within(1e-9));
        assertThat(reins(4, 3).heavier()).contains(Side.LEFT);
        assertThat(reins(3, 3.3).heavier()).contains(Side.NONE);
        assertThat(reins(0, 4).heavier()).contains(Side.RIGHT);
        assertThat(reins(0, 4).heavierBy()).isEmpty();
        assertThat(reins(0, 0).heavier()).isEmpty();
        assertThat(reins(0, 0).heavierBy()).isEmpty();
    }

    @Test
    void aBandGoesUp() {
        assertThatThrownBy(() -> new Band(4, 4)).hasMessageContaining("maybe the two are swapped");
        assertThatThrownBy(() -> new Band(-1, 4)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Band(1, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
