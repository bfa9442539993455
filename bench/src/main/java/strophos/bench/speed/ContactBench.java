package strophos.bench.speed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import strophos.core.contact.Band;
import strophos.core.contact.Overview;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.SignalCheck;
import strophos.core.contact.StretchContact;
import strophos.core.exchange.Gait;

/** All that is read from a measured lesson, beside inflating, decoding and averaging its chunks. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 10, time = 1)
public class ContactBench {

    private static final Optional<Band> BAND = Optional.of(new Band(2, 4));

    private final MeasuredLesson lesson = new MeasuredLesson();

    @Benchmark
    public double plainContact() {
        long sum = 0;
        for (short[] rein : lesson.decoded()) {
            for (short s : rein) {
                sum += s;
            }
        }
        return sum / (2.0 * MeasuredLesson.SAMPLES);
    }

    @Benchmark
    public List<Object> allContact() {
        short[][] reins = lesson.decoded();
        ReinSeries series = ReinSeries.of(MeasuredLesson.RATE_HZ, reins[0], reins[1]);
        List<Object> read = new ArrayList<>();
        for (int m = 0; m < MeasuredLesson.MINUTES; m++) {
            read.add(StretchContact.of(series.part(m * 60.0, (m + 1) * 60.0), Gait.TROT, BAND));
        }
        read.add(Overview.of(series));
        read.add(SignalCheck.of(series, 0));
        return read;
    }
}
