package strophos.core.stride;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is taken for a horse's stride in one gait: its last measure, else what a horse of its height usually does.
 *
 * @param speedMs metres a second; empty where neither a watch nor the height tells it
 * @param measuredOn empty where it is the usual of its height
 * @param isOld time to measure again
 */
public record StrideOfHorse(
        Pace pace,
        double lengthM,
        OptionalDouble speedMs,
        Optional<LocalDate> measuredOn,
        boolean isOld,
        PoleSpacing poles) {

    /**
     * @param last measure that counts
     * @param heightM empty where nobody has said
     * @return empty where neither is known
     */
    public static Optional<StrideOfHorse> of(
            Pace pace, Optional<StrideMeasure> last, OptionalDouble heightM, LocalDate today, boolean isYoung) {
        if (last.isEmpty()) {
            return heightM.isEmpty() ? Optional.empty() : Optional.of(usual(pace, heightM.getAsDouble()));
        }
        StrideMeasure m = last.get();
        OptionalDouble speed = heightM.isPresent()
                ? OptionalDouble.of(m.stride(heightM.getAsDouble()).speedMs())
                : m.speedMs();
        return Optional.of(
                new StrideOfHorse(pace, m.lengthM(), speed, Optional.of(m.on()), m.isOld(today, isYoung), m.poles()));
    }

    private static StrideOfHorse usual(Pace pace, double heightM) {
        Stride usual = pace.usual(heightM);
        return new StrideOfHorse(
                pace,
                usual.lengthM(),
                OptionalDouble.of(usual.speedMs()),
                Optional.empty(),
                false,
                pace.usualPoles(heightM));
    }

    /** Empty where its speed is not known. */
    public Optional<Stride> stride() {
        return speedMs.isEmpty() ? Optional.empty() : Optional.of(new Stride(lengthM, speedMs.getAsDouble()));
    }
}
