package strophos.core.stride;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A stride as it was measured: strides counted over a known distance, with a stop watch or without; or the distance of
 * poles between which the feet land in the middle.
 *
 * @param distanceM ridden between two marks, or between two poles, in metres
 * @param count strides over that distance, halves and quarters of one too; of poles: the gaps, mostly 1
 * @param seconds from mark to mark; empty without a watch
 */
public record StrideMeasure(Pace pace, Way way, double distanceM, double count, OptionalDouble seconds, LocalDate on) {

    /** How it was measured. */
    public enum Way {
        /** Between two marks. */
        DISTANCE,
        /** Over poles that suit the horse. */
        POLES
    }

    /** Nobody measures less than this, or has more room. */
    public static final double LEAST_M = 0.4;

    public static final double MOST_M = 300;

    /** Outside these shares of what a horse of the height usually does a count or a distance is wrong (common practice, no source). */
    static final double LEAST_SHARE = 0.5;

    static final double MOST_SHARE = 1.7;

    /** A measure is told to be old after so many days, for one that grows or is being schooled after fewer (common practice, no source). */
    static final int OLD_AFTER_DAYS = 180;

    static final int YOUNG_OLD_AFTER_DAYS = 90;

    public StrideMeasure {
        if (!(distanceM >= LEAST_M && distanceM <= MOST_M) || !(count > 0 && count <= 1000)) {
            throw new IllegalArgumentException("A stride is measured over %s to %s m (%s m) by a count above 0 (%s)."
                    .formatted(LEAST_M, MOST_M, distanceM, count));
        }
        if (seconds.isPresent() && !(seconds.getAsDouble() > 0 && seconds.getAsDouble() <= 600)) {
            throw new IllegalArgumentException(
                    "The watch says more than 0 and at most 600 seconds, not %s.".formatted(seconds.getAsDouble()));
        }
    }

    /** Of one stride, in metres. */
    public double lengthM() {
        return way == Way.POLES ? pace.polesAStride() * distanceM / count : distanceM / count;
    }

    /**
     * With its speed: measured where there was a watch, else what this length means at the usual tempo.
     *
     * @param heightM of the horse
     */
    public Stride stride(double heightM) {
        return new Stride(
                lengthM(),
                speedMs().orElseGet(() -> lengthM() * pace.usual(heightM).tempo() / 60));
    }

    /** By the watch; empty without one. */
    public OptionalDouble speedMs() {
        return seconds.isEmpty() ? seconds : OptionalDouble.of(distanceM / seconds.getAsDouble());
    }

    /** The poles that suit the measured step. */
    public PoleSpacing poles() {
        double apart = lengthM() / pace.polesAStride();
        return new PoleSpacing(apart, apart);
    }

    /** What cannot be right of a horse of this height. */
    public enum Doubt {
        /** The stride is far too short or too long: a step may have been counted for a stride. */
        LENGTH,
        /** Far too slow or too fast: the watch, or the distance. */
        SPEED
    }

    /** What is doubtful, if anything is. */
    public Optional<Doubt> doubt(double heightM) {
        Stride usual = pace.usual(heightM);
        if (isFar(lengthM() / usual.lengthM())) {
            return Optional.of(Doubt.LENGTH);
        }
        return isFar(stride(heightM).speedMs() / usual.speedMs()) ? Optional.of(Doubt.SPEED) : Optional.empty();
    }

    private static boolean isFar(double share) {
        return share < LEAST_SHARE || share > MOST_SHARE;
    }

    /** Whether it is time to measure again. */
    public boolean isOld(LocalDate today, boolean isYoung) {
        return on.plusDays(isYoung ? YOUNG_OLD_AFTER_DAYS : OLD_AFTER_DAYS).isBefore(today);
    }
}
