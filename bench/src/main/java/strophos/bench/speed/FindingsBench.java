package strophos.bench.speed;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import strophos.core.stair.RungId;

/** All findings of a lesson over three years, beside one plain pass over the same records. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 10, time = 1)
public class FindingsBench {

    private final ThreeYears years = new ThreeYears();

    /** Counts every answer by rung, side, strength and response. */
    @Benchmark
    public Map<RungId, int[]> plainPass() {
        Map<RungId, int[]> counts = new HashMap<>();
        for (ThreeYears.Ridden r : years.ridden) {
            int cell = (r.ask().side().ordinal() * 4 + r.ask().strength().ordinal()) * 5
                    + r.ask().response().ordinal();
            counts.computeIfAbsent(r.rung(), rung -> new int[3 * 4 * 5])[cell]++;
        }
        return counts;
    }

    @Benchmark
    public List<Object> allFindings() {
        return AllFindings.of(years);
    }
}
