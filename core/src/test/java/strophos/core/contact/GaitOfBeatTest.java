package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Gait;

class GaitOfBeatTest {

    private static Rhythm beat(double peaksAMinute) {
        return new Rhythm.Regular(peaksAMinute, 0.03, 40, 0.9);
    }

    private static List<Gait> insteadOf(String touched, double peaksAMinute, double heightM) {
        return GaitOfBeat.insteadOf(Gait.of(touched), beat(peaksAMinute), OptionalDouble.of(heightM));
    }

    /** Steps and strides a minute by Clayton's means (calculations 4): each fits its own gait, in every variant. */
    @ParameterizedTest
    @CsvSource({
        "WALK, 104.8",
        "WALK, 111.0",
        "WALK, 113.2",
        "TROT, 153.6",
        "TROT, 158.6",
        "TROT, 166.6",
        "CANTER, 98.1",
        "CANTER, 103.2"
    })
    void theMeansFitTheirOwnGait(String gait, double peaksAMinute) {
        assertThat(insteadOf(gait, peaksAMinute, 1.65)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "CANTER, 158.6, 1.65, TROT",
        "WALK, 158.6, 1.65, TROT",
        "TROT, 104.8, 1.65, WALK CANTER",
        "TROT, 100, 1.65, WALK CANTER",
        // canter and walk are not told from each other
        "WALK, 100, 1.65, ''",
        "CANTER, 111, 1.65, ''",
        // a pony of 1.20 m steps more quickly by a sixth: what is a big horse's slow trot is its walk
        "TROT, 132, 1.65, ''",
        "TROT, 132, 1.20, WALK CANTER",
        // of no gait: nothing is said
        "TROT, 60, 1.65, ''",
        "CANTER, 230, 1.65, ''"
    })
    void saysWhatItIsInstead(String touched, double peaksAMinute, double heightM, String instead) {
        assertThat(insteadOf(touched, peaksAMinute, heightM))
                .isEqualTo(Arrays.stream(instead.split(" "))
                        .filter(word -> !word.isEmpty())
                        .map(Gait::of)
                        .toList());
    }

    @Test
    void nothingIsSaidWithoutABeatAHeightOrAKnownGait() {
        OptionalDouble tall = OptionalDouble.of(1.65);
        assertThat(GaitOfBeat.insteadOf(Gait.CANTER, new Rhythm.NoRegularRhythm(), tall))
                .isEmpty();
        assertThat(GaitOfBeat.insteadOf(Gait.CANTER, new Rhythm.RateTooLow(5), tall))
                .isEmpty();
        assertThat(GaitOfBeat.insteadOf(Gait.CANTER, beat(158.6), OptionalDouble.empty()))
                .isEmpty();
        assertThat(GaitOfBeat.insteadOf(Gait.OWN_GAIT, beat(158.6), tall)).isEmpty();
        assertThat(GaitOfBeat.insteadOf(Gait.HALT, beat(158.6), tall)).isEmpty();
    }
}
