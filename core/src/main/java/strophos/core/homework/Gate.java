package strophos.core.homework;

import java.util.OptionalDouble;

/**
 * What opens the next step: so many easy reports running, and so many days since the step began. A good first day cannot
 * skip it.
 *
 * @param easyRunning at least 1
 * @param minDays at least 0
 * @param goodShare where counts are asked for: the share of good repeats on each rein that makes a report count, in (0,
 *     1]; empty where none are
 */
public record Gate(int easyRunning, int minDays, OptionalDouble goodShare) {

    /** Where an exercise names none. */
    public static final Gate DEFAULT = new Gate(2, 5, OptionalDouble.empty());

    public Gate {
        boolean isShare = goodShare.isEmpty() || (goodShare.getAsDouble() > 0 && goodShare.getAsDouble() <= 1);
        if (easyRunning < 1 || minDays < 0 || !isShare) {
            throw new IllegalArgumentException(
                    "A gate needs at least 1 report (%d), days of at least 0 (%d) and a share in (0, 1] (%s)."
                            .formatted(easyRunning, minDays, goodShare));
        }
    }

    /** Whether this report counts toward it. */
    boolean countsFor(HomeworkEvent.Report report) {
        boolean isEnough = goodShare.isEmpty()
                || (isEnough(report.left(), goodShare.getAsDouble())
                        && isEnough(report.right(), goodShare.getAsDouble()));
        return report.feel() == Feel.EASY && isEnough;
    }

    private static boolean isEnough(strophos.core.stats.Proportion counted, double share) {
        return !counted.isEmpty() && counted.share() >= share;
    }
}
