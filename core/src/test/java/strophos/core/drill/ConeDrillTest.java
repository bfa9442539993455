package strophos.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ConeDrillTest {

    /** Forward in bend, back in the same arc, pivot and ride out, half in counter-bend, change at the middle (common practice, no source). */
    @Test
    void theWholeDrillCanBeRiddenAsItIsTaught() {
        List<ConePart> taught =
                List.of(ConePart.FORWARD, ConePart.BACK, ConePart.PIVOT, ConePart.COUNTER, ConePart.CHANGE);
        for (int i = 1; i < taught.size(); i++) {
            assertThat(taught.get(i - 1).next()).contains(taught.get(i));
        }
    }

    @Test
    void anyLotKeepsToWhatCanFollow() {
        for (long seed = 0; seed < 2000; seed++) {
            List<ConePart> order = ConeDrill.order(seed, 40);
            assertThat(order).hasSize(40).startsWith(ConePart.FORWARD);
            for (int i = 1; i < order.size(); i++) {
                assertThat(order.get(i - 1).next())
                        .as("seed %d, part %d", seed, i)
                        .contains(order.get(i))
                        .doesNotContain(order.get(i - 1));
                if (order.get(i) == ConePart.BACK) {
                    assertThat(order.get(i - 1)).isEqualTo(ConePart.FORWARD);
                }
            }
            assertThat(new HashSet<>(order.subList(0, 20)))
                    .as("none is forgotten, seed %d", seed)
                    .hasSize(ConePart.values().length);
        }
    }

    /** The horse cannot guess: whatever was ridden, at least two parts may come, and each of them does. */
    @Test
    void noPartTellsTheNext() {
        Map<ConePart, Set<ConePart>> came = new EnumMap<>(ConePart.class);
        for (long seed = 0; seed < 200; seed++) {
            List<ConePart> order = ConeDrill.order(seed, 40);
            for (int i = 1; i < order.size(); i++) {
                came.computeIfAbsent(order.get(i - 1), p -> new HashSet<>()).add(order.get(i));
            }
        }
        for (ConePart part : ConePart.values()) {
            assertThat(came.get(part)).isEqualTo(part.next()).hasSizeGreaterThan(1);
        }
    }

    @Test
    void oneSeedIsOneOrder() {
        assertThat(ConeDrill.order(7, 20))
                .isEqualTo(ConeDrill.order(7, 20))
                .isNotEqualTo(ConeDrill.order(8, 20))
                .isEqualTo(ConeDrill.order(7, 40).subList(0, 20));
        assertThatThrownBy(() -> ConeDrill.order(1, 0)).hasMessageContaining("at least 1 part");
    }
}
