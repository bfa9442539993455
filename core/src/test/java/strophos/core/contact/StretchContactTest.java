package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Gait;
import strophos.core.stats.Interval;

class StretchContactTest {

    private static final Optional<Band> BAND = Optional.of(new Band(2, 4));

    /** Two peaks a stride at walk and trot, one at canter [2]; of a gait that is not known, and of a misread beat, one second. */
    @ParameterizedTest
    @CsvSource({
        "WALK, 104.8, 1.145",
        "TROT, 158.6, 0.757",
        "CANTER, 99.8, 0.601",
        "OWN_GATE, 158.6, 1",
        "HALT, 158.6, 1",
        "CANTER, 200, 1",
    })
    void theLevelIsTakenOverOneStride(String gait, double peaks, double strideS) {
        ReinSeries series = Reins.both(100, 30, s -> 3 + Math.cos(2 * Math.PI * peaks / 60 * s));
        assertThat(StretchContact.of(series, Gait.of(gait), BAND).strideS()).isCloseTo(strideS, within(0.01));
    }

    @Test
    void aBeatThatCannotBeToldLeavesTheRest() {
        StretchContact slow = StretchContact.of(Reins.both(10, 30, s -> 3 + s / 10), Gait.TROT, BAND);
        assertThat(slow.rhythm()).isEqualTo(new Rhythm.RateTooLow(10));
        assertThat(slow.strideS()).isEqualTo(Level.STRIDE_S);
        assertThat(slow.reins().left()).isPresent();
        assertThat(slow.leftHeavy().orElseThrow().overFromS().getAsDouble()).isCloseTo(10, within(0.3));
        assertThat(StretchContact.of(Reins.both(10, 30, s -> 3), Gait.TROT, Optional.empty())
                        .leftHeavy())
                .isEmpty();
    }

    /** 7 s at 3.61 m/s: 25.27 m. */
    @Test
    void metresAreSpeedTimesTime() {
        GettingHeavy heavy = new GettingHeavy(0.1, new Interval(0.05, 0.2), OptionalDouble.of(7));
        assertThat(StretchContact.metres(heavy, OptionalDouble.of(3.61)).getAsDouble())
                .isCloseTo(25.27, within(1e-9));
        assertThat(StretchContact.metres(heavy, OptionalDouble.empty())).isEmpty();
        assertThat(StretchContact.metres(
                        new GettingHeavy(0, new Interval(0, 0), OptionalDouble.empty()), OptionalDouble.of(3)))
                .isEmpty();
    }

    @Test
    void theOverviewHoldsTheEdgesOfEachPiece() {
        ReinSeries series = Reins.of(50, 3.5, s -> s, s -> s < 1 ? Double.NaN : 5 - s);
        Overview overview = Overview.of(series);
        assertThat(overview.pieceS()).isEqualTo(1);
        assertThat(overview.leftLow()).containsExactly(0, 100, 200, 300);
        assertThat(overview.leftHigh()).containsExactly(98, 198, 298, 348);
        assertThat(overview.rightHigh()).containsExactly(ReinSeries.GAP, (short) 400, (short) 300, (short) 200);
    }

    /** Nobody sees more pieces than a screen has pixels: 1 500 s by one, 1 501 s by two. */
    @ParameterizedTest
    @CsvSource({"1500, 1, 1500", "1501, 2, 751", "5400, 4, 1350"})
    void aLongLessonHasLongerPieces(int seconds, int pieceS, int pieces) {
        Overview overview = Overview.of(Reins.both(5, seconds, s -> 2));
        assertThat(overview.pieceS()).isEqualTo(pieceS);
        assertThat(overview.rightLow()).hasSize(pieces);
    }
}
