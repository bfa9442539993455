package strophos.core.footfall;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Side;

/** A quarter of the stride is an even four-beat gait, near 0 a pace, a half a trot: Hildebrand, Science 150 (1965), 701–708. */
class LagChangeTest {

    private static SideLag lag(double share, double half) {
        return new SideLag(Side.LEFT, share, share - half, share + half, 8, LandingOrder.FOUR_BEAT);
    }

    @ParameterizedTest
    @CsvSource({
        // out of the pace
        "0.06, 0.22, 0.03, TOWARDS_EVEN",
        // and from beyond it: the fore foot landed first
        "0.96, 0.15, 0.03, TOWARDS_EVEN",
        // out of trot
        "0.42, 0.28, 0.03, TOWARDS_EVEN",
        // into the pace, and over its edge
        "0.22, 0.06, 0.03, AWAY_FROM_EVEN",
        "0.05, 0.97, 0.02, AWAY_FROM_EVEN",
        // the intervals touch
        "0.06, 0.22, 0.09, NOT_TOLD_APART",
        "0.02, 0.98, 0.03, NOT_TOLD_APART",
    })
    void isToldWhereTheIntervalsLieApart(double first, double last, double half, LagChange.Way way) {
        assertThat(LagChange.of(List.of(lag(first, half), lag(0.4, 0.01), lag(last, half))))
                .hasValueSatisfying(moved -> {
                    assertThat(moved.way()).isEqualTo(way);
                    assertThat(moved.last().share()).isEqualTo(last);
                });
    }

    @Test
    void onceIsNoChange() {
        assertThat(LagChange.of(List.of(lag(0.06, 0.03)))).isEmpty();
    }
}
