package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Side;

class LevelTest {

    /** Against the definition, written out: the largest of those in the window. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void isTheLargestAndTheSmallestOfEachWindow(long seed) {
        ReinSeries series = Reins.chance(seed, 700);
        for (int window : new int[] {1, 2, 7, 50, 699, 2000}) {
            short[] level = Level.of(series, Side.LEFT, window / series.rateHz());
            short[] floor = Level.floor(series, Side.LEFT, window / series.rateHz());
            for (int i = 0; i < series.length(); i++) {
                int[] seen = IntStream.rangeClosed(Math.max(0, i - window + 1), i)
                        .map(j -> series.at(Side.LEFT, j))
                        .filter(s -> s != ReinSeries.GAP)
                        .toArray();
                assertThat(level[i]).isEqualTo((short) IntStream.of(seen).max().orElse(ReinSeries.GAP));
                assertThat(floor[i]).isEqualTo((short) IntStream.of(seen).min().orElse(ReinSeries.GAP));
            }
        }
    }

    @Test
    void staysUpForAWindowAfterAPeakAndNoLonger() {
        ReinSeries series = Reins.both(10, 5, s -> s == 2 ? 6 : 1);
        assertThat(Level.of(series, Side.RIGHT, 1)).startsWith((short) 100).containsSequence(peak());
    }

    private static short[] peak() {
        short[] around = new short[12];
        java.util.Arrays.fill(around, (short) 600);
        around[0] = 100;
        around[11] = 100;
        return around;
    }

    @Test
    void isAGapOnlyWhereTheWholeWindowIsOne() {
        ReinSeries series = Reins.both(10, 4, s -> s >= 1 && s < 3 ? Double.NaN : 2);
        short[] level = Level.of(series, Side.LEFT, 0.5);
        assertThat(level[13]).isEqualTo((short) 200);
        assertThat(level[14]).isEqualTo(ReinSeries.GAP);
        assertThat(level[29]).isEqualTo(ReinSeries.GAP);
        assertThat(level[30]).isEqualTo((short) 200);
    }

    @Test
    void partsShareTheirSamplesAndEndWhereTheSeriesEnds() {
        ReinSeries series = Reins.both(100, 10, s -> s);
        ReinSeries part = series.part(2.5, 4);
        assertThat(part.length()).isEqualTo(150);
        assertThat(part.at(Side.LEFT, 0)).isEqualTo((short) 250);
        assertThat(part.part(1, 99).length()).isEqualTo(50);
        assertThat(series.part(20, 30).length()).isZero();
        assertThat(series.part(-5, 1).length()).isEqualTo(100);
    }

    @ParameterizedTest
    @CsvSource({"4.9, 100", "251, 100", "NaN, 100", "50, 30001", "50, -2001"})
    void refusesWhatNoReinReads(double rateHz, int sample) {
        short[] one = {(short) sample};
        assertThatThrownBy(() -> ReinSeries.of(rateHz, one, one)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void bothReinsNeedAsManySamples() {
        assertThatThrownBy(() -> ReinSeries.of(50, new short[3], new short[2]))
                .hasMessageContaining("left has 3, right 2");
        assertThatThrownBy(() -> Level.of(Reins.both(50, 1, s -> 1), Side.LEFT, 0))
                .hasMessageContaining("longer than 0 s");
        assertThatThrownBy(() -> Reins.both(50, 1, s -> 1).at(Side.NONE, 0))
                .hasMessageContaining("left one or the right");
    }

    /** Exact by definition of the pound and of standard gravity; a newton is a tenth of a kilogram and a little more. */
    @ParameterizedTest
    @CsvSource({"KG, 3, 3", "N, 9.80665, 1", "LB, 1, 0.45359237", "G, 3500, 3.5"})
    void unitsBecomeKilograms(TensionUnit unit, double amount, double kg) {
        assertThat(unit.toKg(amount)).isCloseTo(kg, within(1e-12));
        assertThat(unit.ofKg(kg)).isCloseTo(amount, within(1e-9));
    }

    private static org.assertj.core.data.Offset<Double> within(double by) {
        return org.assertj.core.data.Offset.offset(by);
    }
}
