package strophos.core.feel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;

class FeelAgreementTest {

    private final List<FeelAgreement.Lesson> lessons = new ArrayList<>();

    private FeelAgreementTest felt(int times, Side felt, Side counted) {
        lessons.addAll(Collections.nCopies(times, new FeelAgreement.Lesson(felt, counted)));
        return this;
    }

    /**
     * By hand: 20 left-left, 15 right-right, 5 left-right, 10 right-left of 50. Observed 0.7, by chance 0.5 (25 · 30 + 25 · 20 of
     * 2500), kappa 0.4: the textbook table of two readers of 50 proposals.
     */
    @Test
    void agreementBeyondChance() {
        FeelAgreement of = felt(20, Side.LEFT, Side.LEFT)
                .felt(5, Side.LEFT, Side.RIGHT)
                .felt(10, Side.RIGHT, Side.LEFT)
                .felt(15, Side.RIGHT, Side.RIGHT)
                .of();
        assertThat(of.lessons()).isEqualTo(50);
        assertThat(of.agreed()).isEqualTo(35);
        assertThat(of.kappa().orElseThrow()).isCloseTo(0.4, within(1e-12));
        assertThat(of.interval().low()).isGreaterThan(0);
    }

    private FeelAgreement of() {
        return FeelAgreement.of(lessons).orElseThrow();
    }

    @Test
    void fiveLessonsSayNothingAndOneWordHasNoKappa() {
        felt(5, Side.LEFT, Side.LEFT);
        assertThat(FeelAgreement.of(lessons)).isEmpty();
        felt(1, Side.LEFT, Side.LEFT);
        assertThat(of().agreed()).isEqualTo(6);
        assertThat(of().kappa()).isEmpty();
    }

    @Test
    void aTenthIsADifferenceAndLessIsAlike() {
        assertThat(FeelAgreement.counted(new Proportion(9, 20), new Proportion(10, 20)))
                .contains(Side.NONE);
        assertThat(FeelAgreement.counted(new Proportion(12, 20), new Proportion(9, 20)))
                .contains(Side.LEFT);
        assertThat(FeelAgreement.counted(new Proportion(5, 20), new Proportion(9, 20)))
                .contains(Side.RIGHT);
        assertThat(FeelAgreement.counted(new Proportion(3, 3), new Proportion(9, 20)))
                .isEmpty();
    }
}
