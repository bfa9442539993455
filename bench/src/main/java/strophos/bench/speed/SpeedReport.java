package strophos.bench.speed;

import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** {@code ./strophos bench speed}: the time of all findings, and how many plain passes it is worth. */
public final class SpeedReport {

    private static final double MOST_MS = 50;

    private SpeedReport() {}

    public static void main(String[] args) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(FindingsBench.class.getSimpleName())
                        .include(ContactBench.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        Map<String, Double> micros = results.stream()
                .collect(Collectors.toMap(
                        r -> r.getPrimaryResult().getLabel(),
                        r -> r.getPrimaryResult().getScore()));
        double all = micros.get("allFindings");
        double pass = micros.get("plainPass");
        System.out.printf(
                "%d lessons, %d exchanges: all findings %.1f ms, a plain pass %.2f ms, ratio %.1f%n",
                ThreeYears.LESSONS, ThreeYears.EXCHANGES, all / 1000, pass / 1000, all / pass);
        double plain = micros.get("plainContact");
        double contact = micros.get("allContact") - plain;
        System.out.printf(
                "%d samples a rein: all that is read from them %.1f ms, inflating, decoding and averaging %.1f ms, ratio %.1f (reading them from the database is in neither)%n",
                MeasuredLesson.SAMPLES, contact / 1000, plain / 1000, contact / plain);
        if (all / 1000 > MOST_MS) {
            System.err.printf("That is more than the %.0f ms it may take.%n", MOST_MS);
            System.exit(1);
        }
    }
}
