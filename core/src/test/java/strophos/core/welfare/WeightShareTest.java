package strophos.core.welfare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** General guideline: 15 % fine, to 20 % watch, above it another horse (common practice, no source). */
class WeightShareTest {

    @ParameterizedTest
    @CsvSource({
        "66, 9, 500, FINE",
        "66.1, 9, 500, WATCH",
        "91, 9, 500, WATCH",
        "91.1, 9, 500, ANOTHER_HORSE",
        "84, 9.1, 480, WATCH",
        "84, 9.1, 450, ANOTHER_HORSE"
    })
    void levelsOnBothSidesOfTheirLines(double riderKg, double tackKg, double horseKg, WeightShare.Level level) {
        assertThat(WeightShare.of(riderKg, tackKg, horseKg).level()).isEqualTo(level);
    }

    @Test
    void theShareItself() {
        assertThat(WeightShare.of(84, 9.1, 480).share()).isCloseTo(0.194, within(0.0005));
        assertThat(WeightShare.of(84, 9.1, 450).share())
                .as("of what she should weigh")
                .isCloseTo(0.207, within(0.0005));
        assertThatThrownBy(() -> WeightShare.of(84, 9, 0)).hasMessageContaining("above 0 kg");
        assertThatThrownBy(() -> WeightShare.of(84, -1, 480)).hasMessageContaining("at least 0");
    }
}
