package strophos.core.welfare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Carroll & Huntington 1988 (from memory). */
class HorseWeightTest {

    @Test
    void girthAndLengthGiveTheWeight() {
        assertThat(HorseWeight.byTapeKg(180, 160)).isCloseTo(436.5, within(0.05));
    }

    @Test
    void whatNoHorseMeasuresIsRefused() {
        assertThatThrownBy(() -> HorseWeight.byTapeKg(59, 160)).hasMessageContaining("[60, 260] cm");
        assertThatThrownBy(() -> HorseWeight.byTapeKg(180, 261)).hasMessageContaining("[60, 260] cm");
        assertThatThrownBy(() -> HorseWeight.byTapeKg(Double.NaN, 160)).hasMessageContaining("[60, 260] cm");
    }
}
