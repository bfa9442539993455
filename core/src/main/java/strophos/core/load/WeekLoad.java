package strophos.core.load;

import java.util.List;
import java.util.OptionalDouble;

/**
 * Seven days' loads: how much, how alike, and both together ([2] of the package).
 *
 * @param sum of the week
 * @param mean of a day
 * @param sd sample standard deviation of the days
 * @param monotony mean / sd; empty when every day was the same, which is as monotonous as can be and has no number
 * @param strain sum × monotony; empty with it
 */
public record WeekLoad(double sum, double mean, double sd, OptionalDouble monotony, OptionalDouble strain) {

    private static final int DAYS = 7;

    /** @param days exactly 7 daily loads, each at least 0; a day off is 0 */
    public static WeekLoad of(List<Double> days) {
        if (days.size() != DAYS || days.stream().anyMatch(d -> !(d >= 0))) {
            throw new IllegalArgumentException(
                    "A week has 7 daily loads of at least 0, not %s; a day off is 0.".formatted(days));
        }
        double sum = days.stream().mapToDouble(d -> d).sum();
        double mean = sum / DAYS;
        double squares = days.stream().mapToDouble(d -> (d - mean) * (d - mean)).sum();
        double sd = Math.sqrt(squares / (DAYS - 1));
        OptionalDouble monotony = sd == 0 ? OptionalDouble.empty() : OptionalDouble.of(mean / sd);
        OptionalDouble strain = sd == 0 ? OptionalDouble.empty() : OptionalDouble.of(sum * mean / sd);
        return new WeekLoad(sum, mean, sd, monotony, strain);
    }
}
