package strophos.core.homework;

import java.util.Objects;

/**
 * How much of an exercise is homework, on each rein.
 *
 * @param least at least 1
 * @param most at least {@code least}
 * @param minutesEach about how long one takes, in minutes; above 0
 */
public record DoseRange(int least, int most, Unit unit, double minutesEach) {

    /** What is counted. */
    public enum Unit {
        REPEATS,
        CIRCLES,
        MINUTES
    }

    public DoseRange {
        Objects.requireNonNull(unit, "unit");
        if (least < 1 || most < least || !(minutesEach > 0)) {
            throw new IllegalArgumentException(
                    "A dose goes from at least 1 (%d) up (%d), each taking more than 0 minutes (%s)."
                            .formatted(least, most, minutesEach));
        }
    }
}
