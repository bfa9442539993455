package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A band of 2 to 4 kg; touched at 20 s, so that 12 to 17 s are looked at. */
class ReinsBeforeAskTest {

    private static final Optional<Band> BAND = Optional.of(new Band(2, 4));

    private static Set<ReinsBeforeAsk> at(ReinSeries series) {
        return ReinsBeforeAsk.at(series, 20, BAND).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "3, 3, ''",
        "4, 2, LEFT_MORE",
        "4.1, 3, LEFT_HEAVY",
        "4.1, 4.2, LEFT_HEAVY RIGHT_HEAVY",
        "1.9, 1.8, BOTH_LIGHT",
        "1.9, 2, ''",
        "2, 2.9, ''",
        "2, 3, RIGHT_MORE",
        "0, 0.1, BOTH_LIGHT",
        "0, 4.5, RIGHT_HEAVY RIGHT_MORE",
    })
    void aReinIsHeavyLightOrMoreThanTheOther(double left, double right, String all) {
        assertThat(at(Reins.of(50, 30, s -> left, s -> right)))
                .isEqualTo(Arrays.stream(all.split(" "))
                        .filter(word -> !word.isEmpty())
                        .map(ReinsBeforeAsk::valueOf)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(ReinsBeforeAsk.class))));
    }

    /** What the aid itself does, and what came long before, is not how the reins were. */
    @Test
    void onlyTheSecondsBeforeTheAidAreLookedAt() {
        assertThat(at(Reins.both(50, 30, s -> s < 11.9 || s > 17.1 ? 9 : 3))).isEmpty();
        assertThat(at(Reins.both(50, 30, s -> s >= 13 && s < 13.4 ? 9 : 3)))
                .as("a single pull")
                .isEmpty();
        assertThat(at(Reins.both(50, 30, s -> s >= 13 && s < 16 ? 9 : 3)))
                .containsExactly(ReinsBeforeAsk.LEFT_HEAVY, ReinsBeforeAsk.RIGHT_HEAVY);
    }

    @Test
    void withoutABandOnlyUnlikeReinsAreTold() {
        assertThat(ReinsBeforeAsk.at(Reins.of(50, 30, s -> 9, s -> 3), 20, Optional.empty()))
                .contains(Set.of(ReinsBeforeAsk.LEFT_MORE));
    }

    @Test
    void whatWasNotMeasuredIsNotTold() {
        assertThat(ReinsBeforeAsk.at(Reins.both(50, 30, s -> s > 12 && s < 14 ? Double.NaN : 3), 20, BAND))
                .isEmpty();
        assertThat(ReinsBeforeAsk.at(Reins.both(50, 30, s -> 3), 7.9, BAND)).isEmpty();
        assertThat(ReinsBeforeAsk.at(Reins.both(50, 30, s -> 3), 60, BAND)).isEmpty();
    }
}
