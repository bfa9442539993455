package strophos.core.stats;

/** A closed range, {@code low <= high}. */
public record Interval(double low, double high) {
    public Interval {
        if (!(low <= high)) {
            throw new IllegalArgumentException(
                    "The low end (%s) must not exceed the high end (%s).".formatted(low, high));
        }
    }
}
