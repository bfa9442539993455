package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;

class SideSummaryTest {

    @Test
    void countsYesAtAnyStrengthAndAveragesAllStrengths() {
        List<Ask> asks = Lessons.asks("y1 y2 y4 t3 w4", Side.LEFT, Mounted.RIDER);
        SideSummary left = SideSummary.of(Side.LEFT, asks);
        assertThat(left.yes()).isEqualTo(new Proportion(3, 5));
        assertThat(left.meanStrength().orElseThrow()).isCloseTo(2.8, within(1e-12));
        assertThat(left.counts())
                .containsExactly(
                        List.of(1, 0, 0, 0, 0), List.of(1, 0, 0, 0, 0), List.of(0, 1, 0, 0, 0), List.of(1, 0, 0, 0, 1));
    }

    @Test
    void saysNothingOfAReinThatWasNotRidden() {
        SideSummary right = SideSummary.of(Side.RIGHT, Lessons.asks("yyy", Side.LEFT, Mounted.RIDER));
        assertThat(right.yes().isEmpty()).isTrue();
        assertThat(right.meanStrength()).isEmpty();
    }
}
