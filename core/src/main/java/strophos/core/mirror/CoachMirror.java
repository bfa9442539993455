package strophos.core.mirror;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import strophos.core.exchange.Rein;
import strophos.core.record.Counts;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.stats.Garwood;
import strophos.core.stats.Interval;

/**
 * One coach's last lessons: praise and corrections an hour of riding, and the time on each rein.
 *
 * @param lessons that were looked at
 * @param ridden in them, on whatever rein and on none
 * @param left on the left rein; {@code right} on the right one
 */
public record CoachMirror(
        int lessons, Duration ridden, Hourly praise, Hourly corrections, Duration left, Duration right) {

    /** With less riding a rate says nothing (common practice, no source). */
    public static final Duration FEWEST = Duration.ofMinutes(30);

    /**
     * How often in an hour.
     *
     * @param interval 95 % of {@code anHour} ({@link Garwood})
     */
    public record Hourly(int times, double anHour, Interval interval) {
        static Hourly of(int times, Duration in) {
            double hours = in.toMillis() / 3_600_000.0;
            return new Hourly(times, times / hours, Garwood.rate(times, hours));
        }
    }

    /**
     * Empty with less than half an hour of riding.
     *
     * @param author whose marks are counted: others may have written in the same lesson
     */
    public static Optional<CoachMirror> of(Collection<Ride> rides, String author) {
        Duration left = on(rides, Rein.LEFT);
        Duration right = on(rides, Rein.RIGHT);
        Duration ridden = left.plus(right).plus(on(rides, Rein.NONE));
        if (ridden.compareTo(FEWEST) < 0) {
            return Optional.empty();
        }
        return Optional.of(new CoachMirror(
                rides.size(),
                ridden,
                Hourly.of(times(rides, author, said -> said instanceof Payload.Praise), ridden),
                Hourly.of(
                        times(
                                rides,
                                author,
                                said -> Counts.consistency(said, Payload.Correction::made)
                                        .orElse(false)),
                        ridden),
                left,
                right));
    }

    private static Duration on(Collection<Ride> rides, Rein rein) {
        return Duration.ofMillis(
                rides.stream().mapToLong(r -> r.reinMs().get(rein)).sum());
    }

    private static int times(Collection<Ride> rides, String author, Predicate<Payload.Mark> which) {
        List<Payload.Mark> own = rides.stream()
                .flatMap(r -> r.marks().stream())
                .filter(m -> m.author().equals(author))
                .map(Ride.Mark::said)
                .toList();
        return (int) own.stream().filter(which).count();
    }
}
