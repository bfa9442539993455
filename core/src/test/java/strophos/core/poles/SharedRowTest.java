package strophos.core.poles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import strophos.core.poles.SharedRow.Step;
import strophos.core.stride.PoleSpacing;

class SharedRowTest {

    private static Step step(String horse, double from, double to) {
        return new Step(horse, new PoleSpacing(from, to));
    }

    /** By hand: 1.20 to 1.40 and 1.25 to 1.45 share 1.25 to 1.40; a pony of 0.95 to 1.10 shares nothing with them. */
    @Test
    void thePonyGetsARowOfItsOwn() {
        List<SharedRow> rows = SharedRow.of(
                List.of(step("Sindri", 1.20, 1.40), step("Quillon", 1.25, 1.45), step("Fennel", 0.95, 1.10)));
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0).horses()).containsExactly("Fennel");
        assertThat(rows.get(0).apartM()).isCloseTo(1.025, within(1e-9));
        assertThat(rows.get(1).horses()).containsExactly("Sindri", "Quillon");
        assertThat(rows.get(1).apartM()).isCloseTo(1.325, within(1e-9));
    }

    /** Every horse is on a row that suits it, and on one only. */
    @Test
    void everyRowSuitsItsHorses() {
        Random random = new Random(35);
        for (int i = 0; i < 2000; i++) {
            List<Step> steps = new ArrayList<>();
            for (int h = 0; h <= random.nextInt(8); h++) {
                double from = 0.8 + random.nextDouble();
                steps.add(step("horse " + h, from, from + 0.3 * random.nextDouble()));
            }
            List<SharedRow> rows = SharedRow.of(steps);
            for (Step s : steps) {
                assertThat(rows.stream().filter(r -> r.horses().contains(s.horse())))
                        .singleElement()
                        .satisfies(r -> assertThat(r.apartM())
                                .isBetween(s.own().fromM() - 1e-9, s.own().toM() + 1e-9));
            }
            // no two of them could have been one
            for (int r = 1; r < rows.size(); r++) {
                double closer = rows.get(r - 1).horses().stream()
                        .mapToDouble(h -> of(steps, h).own().toM())
                        .min()
                        .orElseThrow();
                double wider = rows.get(r).horses().stream()
                        .mapToDouble(h -> of(steps, h).own().fromM())
                        .min()
                        .orElseThrow();
                assertThat(wider).isGreaterThan(closer);
            }
        }
    }

    private static Step of(List<Step> steps, String horse) {
        return steps.stream().filter(s -> s.horse().equals(horse)).findFirst().orElseThrow();
    }

    @Test
    void nobodyNeedsNoRow() {
        assertThatThrownBy(() -> SharedRow.of(List.of())).hasMessageContaining("one horse or more");
    }
}
