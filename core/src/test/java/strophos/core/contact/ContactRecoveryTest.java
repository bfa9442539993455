package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.LongToDoubleFunction;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.exchange.Side;

/** What the stand-in sensor was told to say comes back within the errors that docs/contact.md states, line by line of its table. */
class ContactRecoveryTest {

    private static final int SEEDS = 60;

    /** A row of the table: 95 of 100 errors are at most these. */
    private record Stated(
            double rateHz,
            double noiseKg,
            double tempoPct,
            double levelKg,
            double asymmetry,
            double slopeKgS,
            double heavyS,
            double aidKg,
            double releaseS) {}

    static Stream<Stated> table() throws IOException {
        List<Stated> rows = Files.readAllLines(Path.of("../docs/contact.md")).stream()
                .filter(line -> line.matches("\\| [0-9].*"))
                .map(line -> Arrays.stream(line.split("\\|"))
                        .map(String::trim)
                        .filter(cell -> !cell.isEmpty())
                        .mapToDouble(cell -> cell.equals("not told") ? Double.NaN : Double.parseDouble(cell))
                        .toArray())
                .map(c -> new Stated(c[0], c[1], c[2], c[3], c[4], c[5], c[6], c[7], c[8]))
                .toList();
        assertThat(rows).hasSizeGreaterThan(8);
        return rows.stream();
    }

    /** The error that 95 of 100 seeds stay within. */
    private static double error(LongToDoubleFunction ofSeed) {
        double[] errors = LongStream.range(0, SEEDS)
                .mapToDouble(ofSeed)
                .map(Math::abs)
                .sorted()
                .toArray();
        return errors[(int) Math.floor(0.95 * (SEEDS - 1))];
    }

    @ParameterizedTest
    @MethodSource("table")
    void comesBackWithinTheStatedError(Stated row) {
        assertThat(levelError(row)).as("level").isLessThanOrEqualTo(row.levelKg());
        assertThat(asymmetryError(row)).as("asymmetry").isLessThanOrEqualTo(row.asymmetry());
        assertThat(slopeError(row)).as("slope").isLessThanOrEqualTo(row.slopeKgS());
        assertThat(heavyError(row)).as("heavy from").isLessThanOrEqualTo(row.heavyS());
        assertThat(aidError(row)).as("size of an aid").isLessThanOrEqualTo(row.aidKg());
        assertThat(releaseError(row)).as("release").isLessThanOrEqualTo(row.releaseS());
        if (Double.isNaN(row.tempoPct())) {
            assertThat(Rhythm.of(trot(row, 0))).isInstanceOf(Rhythm.RateTooLow.class);
        } else {
            assertThat(tempoError(row)).as("tempo").isLessThanOrEqualTo(row.tempoPct());
        }
    }

    private static ReinSeries trot(Stated row, long seed) {
        return StandInSensor.measure(
                StandInSensor.Script.of(row.rateHz(), Reins.trot(60)).noisy(row.noiseKg()), seed);
    }

    private static double tempoError(Stated row) {
        return error(seed -> Rhythm.of(trot(row, seed)) instanceof Rhythm.Regular regular
                ? 100 * (regular.peaksAMinute() / 158 - 1)
                : Double.POSITIVE_INFINITY);
    }

    private static double levelError(Stated row) {
        return error(seed -> ReinLevel.of(trot(row, seed), Side.LEFT, 1, Optional.empty())
                        .orElseThrow()
                        .levelKg()
                - 3);
    }

    private static double asymmetryError(Stated row) {
        return error(seed ->
                BothReins.of(trot(row, seed), 1, Optional.empty()).asymmetry().getAsDouble() - 0.5 / 6.5);
    }

    /** A trot that gains 0.1 kg a second, from 3 kg. */
    private static GettingHeavy growing(Stated row, long seed) {
        return GettingHeavy.of(
                        StandInSensor.measure(
                                StandInSensor.Script.of(
                                                row.rateHz(), new StandInSensor.Stretch(30, 158, 0.03, 3, 3, 1.5, 0.1))
                                        .noisy(row.noiseKg()),
                                seed),
                        Side.LEFT,
                        1,
                        4.5)
                .orElseThrow();
    }

    private static double slopeError(Stated row) {
        return error(seed -> growing(row, seed).kgASecond() - 0.1);
    }

    private static double heavyError(Stated row) {
        return error(seed -> growing(row, seed).overFromS().orElse(Double.POSITIVE_INFINITY) - 15);
    }

    /** A trot, and at 30 s a hand that takes 3 kg for so long. */
    private static ReinSeries taken(Stated row, long seed, double heldS) {
        return StandInSensor.measure(
                StandInSensor.Script.of(row.rateHz(), Reins.trot(60))
                        .noisy(row.noiseKg())
                        .with(new StandInSensor.Pull(30, Side.LEFT, 3, heldS)),
                seed);
    }

    private static double aidError(Stated row) {
        return error(seed -> AidSize.of(taken(row, seed, 0.8), Side.LEFT, 30, 1)
                        .orElseThrow()
                        .sizeKg()
                - 3);
    }

    /** The horse answers at 31 s, the hand begins to let go at 31.6 s and has let go 0.15 s later. */
    private static double releaseError(Stated row) {
        return error(
                seed -> ReleaseDelay.of(taken(row, seed, 1.6), Side.LEFT, 3, 31, 1) instanceof ReleaseDelay.LetGo letGo
                        ? letGo.seconds() - 0.7
                        : Double.POSITIVE_INFINITY);
    }
}
