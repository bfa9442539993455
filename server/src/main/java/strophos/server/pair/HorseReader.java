package strophos.server.pair;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import strophos.core.bend.Bend;
import strophos.core.load.BackToWork;
import strophos.core.plan.HorseFacts;
import strophos.core.welfare.WeightShare;

/** Reads what a plan must know of a horse from the facts kept of its pair. */
public final class HorseReader {

    private static final int DAYS_A_YEAR = 365;
    private static final int DAYS_A_MONTH = 30;

    private HorseReader() {}

    /** On this day of the yard. */
    public static HorseFacts on(LocalDate day, Facts f) {
        boolean isFirstYear = isWithin(f.inWorkSince(), day, DAYS_A_YEAR);
        boolean isFirstMonthBack = isWithin(f.backSince(), day, DAYS_A_MONTH);
        return new HorseFacts(
                f.bornYear() == null ? OptionalInt.empty() : OptionalInt.of(Math.max(0, day.getYear() - f.bornYear())),
                isFirstYear,
                isFirstMonthBack,
                allowedMinutes(day, f),
                f.heightCm() == null ? OptionalDouble.empty() : OptionalDouble.of(Bend.lengthM(f.heightCm())),
                weightShare(f));
    }

    static Optional<WeightShare> weightShare(Facts f) {
        return f.horseKg() == null || f.riderKg() == null || f.tackKg() == null
                ? Optional.empty()
                : Optional.of(WeightShare.of(
                        f.riderKg().doubleValue(),
                        f.tackKg().doubleValue(),
                        f.horseKg().doubleValue()));
    }

    private static boolean isWithin(LocalDate since, LocalDate day, int days) {
        return since != null && !day.isBefore(since) && ChronoUnit.DAYS.between(since, day) < days;
    }

    /** While it is less than before the break. */
    private static OptionalInt allowedMinutes(LocalDate day, Facts f) {
        if (f.backSince() == null || day.isBefore(f.backSince())) {
            return OptionalInt.empty();
        }
        int week = (int) (ChronoUnit.DAYS.between(f.backSince(), day) / 7);
        int minutes = new BackToWork(f.weeksOff(), f.minutesBefore()).minutesInWeek(week);
        return minutes < f.minutesBefore() ? OptionalInt.of(minutes) : OptionalInt.empty();
    }
}
