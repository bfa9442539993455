package strophos.core.stride;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StrideTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 8);

    private static StrideMeasure measured(Pace pace, double distanceM, double count, double seconds) {
        return new StrideMeasure(pace, StrideMeasure.Way.DISTANCE, distanceM, count, OptionalDouble.of(seconds), DAY);
    }

    private static StrideMeasure byPoles(Pace pace, double apartM) {
        return new StrideMeasure(pace, StrideMeasure.Way.POLES, apartM, 1, OptionalDouble.empty(), DAY);
    }

    /** The same source, in every variant. */
    @ParameterizedTest
    @CsvSource({
        "WALK, COLLECTED, 1.37, 1.57, 52.4", "WALK, MEDIUM, 1.73, 1.87, 55.5", "WALK, EXTENDED, 1.82, 1.93, 56.6",
        "TROT, COLLECTED, 3.20, 2.50, 76.8", "TROT, WORKING, 3.61, 2.73, 79.3", "TROT, MEDIUM, 4.47, 3.26, 82.3",
        "TROT, EXTENDED, 4.93, 3.55, 83.3", "CANTER, COLLECTED, 3.27, 2.00, 98.1", "CANTER, WORKING, 3.91, 2.35, 99.8",
        "CANTER, MEDIUM, 4.90, 2.94, 100.0", "CANTER, EXTENDED, 5.97, 3.47, 103.2"
    })
    void extensionLengthensTheStrideAndHardlyQuickensIt(
            Pace pace, Variant variant, double speed, double length, double tempo) {
        Stride mean = pace.mean(variant).orElseThrow();
        assertThat(mean.speedMs()).isEqualTo(speed);
        assertThat(mean.lengthM()).isEqualTo(length);
        assertThat(mean.tempo()).isCloseTo(tempo, within(0.05));
        assertThat(pace.in(variant, pace.usual(1.65)).lengthM()).isCloseTo(length, within(1e-9));
        assertThat(pace.in(variant, pace.usual(1.65)).speedMs()).isCloseTo(speed, within(1e-9));
    }

    /** Common handbook table: a horse 12 ft, ponies 9, 10 or 11 ft by size; the heights are common practice, no source. */
    @ParameterizedTest
    @CsvSource({"168, 12", "149, 12", "148, 11", "138, 11", "137, 10", "128, 10", "127, 9"})
    void theStrideToFencesIsNotScaled(int heightCm, double feet) {
        Stride usual = Pace.JUMPING.usual(heightCm / 100.0);
        assertThat(usual.lengthM() / 0.3048).isCloseTo(feet, within(1e-9));
        assertThat(usual.tempo()).isCloseTo(95.7, within(0.05));
    }

    @Test
    void aWalkHasNoWorkingVariant() {
        assertThat(Pace.WALK.variants()).doesNotContain(Variant.WORKING).contains(Pace.WALK.usualVariant());
        assertThatThrownBy(() -> Pace.WALK.in(Variant.WORKING, Pace.WALK.usual(1.65)))
                .hasMessageContaining("no WORKING WALK");
    }

    /** Means of elite dressage horses (Clayton 1994, 1995; from memory): the last is the quotient of the two others. */
    @ParameterizedTest
    @CsvSource({"WALK, 1.73, 1.87, 55.5", "TROT, 3.61, 2.73, 79.3", "CANTER, 3.91, 2.35, 99.8"})
    void aHorseOfTheUsualHeightDoesWhatWasMeasured(Pace pace, double speed, double length, double tempo) {
        Stride usual = pace.usual(1.65);
        assertThat(usual.speedMs()).isEqualTo(speed);
        assertThat(usual.lengthM()).isEqualTo(length);
        assertThat(usual.tempo()).isCloseTo(tempo, within(0.05));
    }

    /** Trot on a 20 m circle at 3.61 m/s: 17.4 s a lap, 46 steps (calculations 4). */
    @Test
    void aLapInTrot() {
        Stride trot = Pace.TROT.usual(1.65);
        double lap = Math.PI * 20;
        assertThat(lap / trot.speedMs()).isCloseTo(17.4, within(0.05));
        assertThat(2 * lap / trot.lengthM()).isCloseTo(46, within(0.5));
    }

    /** Froude, by hand: a pony of 1.32 m is 0.8 of 1.65 m; its speed goes by the root, its tempo therefore up by 1 / √0.8. */
    @Test
    void aPonyTakesShorterAndQuickerStrides() {
        Stride pony = Pace.TROT.usual(1.32);
        assertThat(pony.lengthM()).isCloseTo(2.184, within(1e-9));
        assertThat(pony.speedMs()).isCloseTo(3.61 * 0.894427191, within(1e-8));
        assertThat(pony.tempo()).isCloseTo(Pace.TROT.usual(1.65).tempo() * 1.118033989, within(1e-6));
        assertThat(Pace.TROT.usualPoles(1.32)).isEqualTo(new PoleSpacing(1.20 * 0.8, 1.40 * 0.8));
    }

    @ParameterizedTest
    @CsvSource({"WALK, 0.80, 0.90", "TROT, 1.20, 1.40", "CANTER, 2.75, 3.35"})
    void theTableOfPolesIsThatOfAHorse(Pace pace, double from, double to) {
        assertThat(pace.usualPoles(1.65)).isEqualTo(new PoleSpacing(from, to));
    }

    /** 30 m in 11 strides and 8.3 s, by hand. */
    @Test
    void countedBetweenTwoMarks() {
        StrideMeasure trot = measured(Pace.TROT, 30, 11, 8.3);
        assertThat(trot.lengthM()).isCloseTo(2.7273, within(1e-4));
        assertThat(trot.stride(1.6).speedMs()).isCloseTo(3.6145, within(1e-4));
        assertThat(trot.stride(1.6).tempo()).isCloseTo(60 * 11 / 8.3, within(1e-9));
        assertThat(trot.poles().fromM()).as("a step is half a stride").isCloseTo(1.3636, within(1e-4));
        assertThat(trot.doubt(1.6)).isEmpty();
    }

    @Test
    void polesMeasureAStep() {
        assertThat(byPoles(Pace.TROT, 1.25).lengthM()).isEqualTo(2.5);
        assertThat(byPoles(Pace.CANTER, 3.0).lengthM()).isEqualTo(3.0);
        Stride without = byPoles(Pace.TROT, 1.25).stride(1.65);
        assertThat(without.tempo()).as("no watch: the usual tempo").isCloseTo(79.34, within(0.01));
    }

    /** Both sides of what is believed. */
    @ParameterizedTest
    @CsvSource({"22, 8.3, LENGTH", "6, 8.3, LENGTH", "11, 20, SPEED", "11, 4.5, SPEED", "11, 16, ", "11, 5, "})
    void stepsCountedForStridesAreDoubted(double count, double seconds, StrideMeasure.Doubt doubt) {
        assertThat(measured(Pace.TROT, 30, count, seconds).doubt(1.65).orElse(null))
                .isEqualTo(doubt);
    }

    @Test
    void anOldMeasureIsTold() {
        StrideMeasure m = measured(Pace.TROT, 30, 11, 8.3);
        assertThat(m.isOld(DAY.plusDays(180), false)).isFalse();
        assertThat(m.isOld(DAY.plusDays(181), false)).isTrue();
        assertThat(m.isOld(DAY.plusDays(90), true)).isFalse();
        assertThat(m.isOld(DAY.plusDays(91), true)).isTrue();
    }

    @Test
    void nonsenseIsRefusedWithASentence() {
        assertThatThrownBy(() -> measured(Pace.TROT, 0.3, 1, 1)).hasMessageContaining("0.4 to 300");
        assertThatThrownBy(() -> measured(Pace.TROT, 30, 0, 1)).hasMessageContaining("count above 0");
        assertThatThrownBy(() -> measured(Pace.TROT, 30, 11, 0)).hasMessageContaining("600 seconds");
        assertThatThrownBy(() -> Pace.TROT.usual(15.4)).hasMessageContaining("[0.6, 2.2]");
        assertThatThrownBy(() -> new PoleSpacing(2, 1)).hasMessageContaining("no more than the second");
        assertThatThrownBy(() -> new Stride(0, 1)).hasMessageContaining("above 0");
    }

    /** Whatever horse: distance ÷ count, and time = distance ÷ speed, the same forth and back. */
    @Test
    void whatIsMeasuredIsFoundAgain() {
        SplittableRandom random = new SplittableRandom(18);
        for (int i = 0; i < 5000; i++) {
            double height = 1 + 0.8 * random.nextDouble();
            Pace pace = Pace.values()[random.nextInt(3)];
            Stride real = pace.usual(height);
            double count = 5 + random.nextInt(30);
            double distance = count * real.lengthM();
            StrideMeasure m = measured(pace, distance, count, distance / real.speedMs());
            assertThat(m.stride(height).lengthM()).isCloseTo(real.lengthM(), within(1e-9));
            assertThat(m.stride(height).speedMs()).isCloseTo(real.speedMs(), within(1e-9));
            assertThat(m.doubt(height)).isEmpty();
        }
    }
}
