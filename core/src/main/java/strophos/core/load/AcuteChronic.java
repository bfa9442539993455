package strophos.core.load;

import java.util.List;
import java.util.OptionalDouble;

/**
 * The last week's load against the last four weeks', by exponential weights λ = 2 / (N + 1), N = 7 and 28 days ([3] of
 * the package). The ratio is debated: it prompts a look at the plan, it forbids nothing.
 *
 * @param acute weighted daily load, N = 7
 * @param chronic weighted daily load, N = 28
 */
public record AcuteChronic(double acute, double chronic) {

    static final double ACUTE_LAMBDA = 2.0 / (7 + 1);
    static final double CHRONIC_LAMBDA = 2.0 / (28 + 1);

    /** @param days daily loads in order, at least one, each at least 0; both averages begin at the first */
    public static AcuteChronic of(List<Double> days) {
        if (days.isEmpty() || days.stream().anyMatch(d -> !(d >= 0))) {
            throw new IllegalArgumentException("Loads need at least one day, each at least 0: %s.".formatted(days));
        }
        double acute = days.get(0);
        double chronic = days.get(0);
        for (double day : days.subList(1, days.size())) {
            acute += ACUTE_LAMBDA * (day - acute);
            chronic += CHRONIC_LAMBDA * (day - chronic);
        }
        return new AcuteChronic(acute, chronic);
    }

    /** Acute over chronic; empty when nothing was done in all that time. */
    public OptionalDouble ratio() {
        return chronic == 0 ? OptionalDouble.empty() : OptionalDouble.of(acute / chronic);
    }
}
