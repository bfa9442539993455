package strophos.core.poles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import strophos.core.poles.SharedFan.Line;
import strophos.core.poles.SharedFan.Step;

class FanTest {

    private static final Fan FAN = Fan.forStep(4, 1.30, 6, 3);

    /** rc 6 m, poles of 3 m, step 1.30 m: worked by hand, Δφ = S / rc. */
    @Test
    void aFanForOneStep() {
        assertThat(Math.toDegrees(FAN.gapRad())).isCloseTo(12.41, within(0.005));
        assertThat(FAN.leastStepM()).isCloseTo(0.975, within(1e-9));
        assertThat(FAN.mostStepM()).isCloseTo(1.625, within(1e-9));
        assertThat(FAN.leastLineM()).isCloseTo(5.4, within(1e-9));
        assertThat(FAN.mostLineM()).isCloseTo(6.6, within(1e-9));
        assertThat(FAN.stepM(5.4)).isCloseTo(1.17, within(1e-9));
        assertThat(FAN.stepM(6.6)).isCloseTo(1.43, within(1e-9));
    }

    /** The line for a step; the last two digits by hand. */
    @ParameterizedTest
    @CsvSource({"1.20, 5.54", "1.40, 6.46"})
    void theLineForAStep(double stepM, double lineM) {
        assertThat(FAN.lineM(stepM)).isCloseTo(lineM, within(0.005));
        assertThat(FAN.stepM(FAN.lineM(stepM))).isCloseTo(stepM, within(1e-12));
    }

    /** Straight across between two poles, as the geometry library measures it. */
    @Test
    void theTapeIsTheChord() {
        Coordinate a = new Coordinate(6, 0);
        Coordinate b = new Coordinate(6 * Math.cos(FAN.gapRad()), 6 * Math.sin(FAN.gapRad()));
        assertThat(FAN.tapeM(6)).isCloseTo(a.distance(b), within(1e-12)).isLessThan(FAN.stepM(6));
    }

    @Test
    void fansThatAreNone() {
        assertThatThrownBy(() -> new Fan(1, 0.2, 6, 3)).hasMessageContaining("2 poles or more");
        assertThatThrownBy(() -> new Fan(40, 0.2, 6, 3)).hasMessageContaining("once round");
        assertThatThrownBy(() -> new Fan(4, 0.2, 1.4, 3)).hasMessageContaining("half their length");
    }

    /** Steps of 1.10, 1.20 and 1.34 m on rc 6 m; worked by hand. */
    @Test
    void oneFanForThreeHorses() {
        SharedFan shared = SharedFan.of(
                List.of(new Step("Skerry", 1.20), new Step("Fennel", 1.34), new Step("Pepperwort", 1.10)), 4, 6, 3);
        assertThat(Math.toDegrees(shared.fan().gapRad())).isCloseTo(11.65, within(0.005));
        assertThat(shared.lines()).extracting(Line::horse).containsExactly("Pepperwort", "Skerry", "Fennel");
        assertThat(shared.lines().get(0).radiusM()).isCloseTo(5.41, within(0.005));
        assertThat(shared.lines().get(1).radiusM()).isCloseTo(5.90, within(0.005));
        assertThat(shared.lines().get(2).radiusM()).isCloseTo(6.59, within(0.005));
        assertThat(shared.leftOut()).isEmpty();
    }

    @Test
    void theOneWhoseStepIsFarFromTheOthersIsNamed() {
        SharedFan shared = SharedFan.of(
                List.of(
                        new Step("Quillon", 0.85),
                        new Step("Skerry", 1.20),
                        new Step("Fennel", 1.34),
                        new Step("Pepperwort", 1.10)),
                4,
                6,
                3);
        assertThat(shared.leftOut()).extracting(Step::horse).containsExactly("Quillon");
        assertThat(shared.lines()).hasSize(3);
        assertThatThrownBy(() -> SharedFan.of(List.of(), 4, 6, 3)).hasMessageContaining("one horse or more");
    }

    /** Thousands of yards: nobody is lost, every line is usable and gives its horse its step, the outer lines lie alike. */
    @Test
    void everyHorseHasItsLineOrIsNamed() {
        Random random = new Random(5);
        for (int i = 0; i < 3000; i++) {
            List<Step> steps = IntStream.range(0, 1 + random.nextInt(8))
                    .mapToObj(h -> new Step("horse " + h, 0.7 + random.nextDouble()))
                    .toList();
            double middle = 4 + 6 * random.nextDouble();
            SharedFan shared = SharedFan.of(steps, 2 + random.nextInt(5), middle, 3);
            assertThat(shared.lines().size() + shared.leftOut().size()).isEqualTo(steps.size());
            assertThat(shared.lines()).isNotEmpty().allSatisfy(line -> {
                assertThat(shared.fan().isUsable(line.radiusM())).isTrue();
                assertThat(shared.fan().stepM(line.radiusM())).isCloseTo(line.stepM(), within(1e-9));
            });
            double inner = shared.lines().get(0).radiusM();
            double outer = shared.lines().get(shared.lines().size() - 1).radiusM();
            assertThat(inner + outer).isCloseTo(2 * middle, within(1e-9));
        }
    }
}
