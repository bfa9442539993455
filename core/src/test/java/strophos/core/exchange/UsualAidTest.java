package strophos.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UsualAidTest {

    /**
     * By the vocabulary of the trade: on the left rein the horse's left side is to the inside; on the right rein the outside
     * rein is the left rein, the one nearest the fence, also when the horse is flexed to the fence.
     */
    @ParameterizedTest
    @CsvSource({
        "INSIDE, LEFT, LEFT, LEFT_HIND",
        "INSIDE, RIGHT, RIGHT, RIGHT_HIND",
        "OUTSIDE, RIGHT, LEFT, RIGHT_HIND",
        "OUTSIDE, LEFT, RIGHT, LEFT_HIND",
        "BOTH, LEFT, NONE, LEFT_HIND",
    })
    void insideAndOutsideAreOfTheFigure(UsualAid.Where where, Rein rein, Side side, Foot foot) {
        assertThat(new UsualAid(Means.LEG, where, Strength.LIGHT, Manner.TAP, true).on(rein))
                .isEqualTo(new Aid(Means.LEG, side, Optional.of(Manner.TAP), Optional.of(foot)));
        assertThat(new UsualAid(Means.LEG, where, Strength.LIGHT, Manner.TAP, false)
                        .on(rein)
                        .foot())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"INSIDE", "OUTSIDE", "BOTH"})
    void withoutAReinNothingHasAnInside(UsualAid.Where where) {
        assertThat(new UsualAid(Means.REIN, where, Strength.LIGHT, Manner.OPEN, true).on(Rein.NONE))
                .isEqualTo(new Aid(Means.REIN, Side.NONE, Optional.of(Manner.OPEN), Optional.empty()));
    }
}
