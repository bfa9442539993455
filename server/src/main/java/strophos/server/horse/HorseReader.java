package strophos.server.horse;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import strophos.core.bend.Bend;
import strophos.core.load.BackToWork;
import strophos.core.plan.HorseFacts;
import strophos.core.welfare.WeightShare;
import strophos.server.contract.CanBeNull;

/** Reads what a plan must know of a horse from the facts kept of its pair. */
public final class HorseReader {

    private static final int DAYS_A_YEAR = 365;
    private static final int DAYS_A_MONTH = 30;

    private HorseReader() {}

    /**
     * A rest that a clearance ended: rules 9 begin.
     *
     * @param weeksOff at least {@link BackToWork#SHORTEST_BREAK_WEEKS}
     */
    public record AfterRest(LocalDate since, int weeksOff, int minutesBefore) {}

    /** On this day of the yard; the later way back counts, the break that was told or the rest that was ended. */
    public static HorseFacts on(LocalDate day, FactsVersion known, Optional<AfterRest> rest) {
        Facts f = rest.filter(r -> known.facts().backSince() == null
                        || r.since().isAfter(known.facts().backSince()))
                .map(r -> known.facts().backAfter(r))
                .orElse(known.facts());
        boolean isFirstYear = isWithin(f.inWorkSince(), day, DAYS_A_YEAR);
        boolean isFirstMonthBack = isWithin(f.backSince(), day, DAYS_A_MONTH);
        return new HorseFacts(
                f.bornYear() == null ? OptionalInt.empty() : OptionalInt.of(Math.max(0, day.getYear() - f.bornYear())),
                isFirstYear,
                isFirstMonthBack,
                allowedMinutes(day, f),
                f.heightCm() == null ? OptionalDouble.empty() : OptionalDouble.of(Bend.lengthM(f.heightCm())),
                weightShare(f),
                overrule(known).map(Overrule::reason),
                known.painCount(),
                List.of(),
                Optional.empty());
    }

    /** Under five, or in its first month back. */
    public static boolean isSpared(LocalDate day, @CanBeNull Integer bornYear, @CanBeNull LocalDate backSince) {
        return isYoung(day, bornYear) || isWithin(backSince, day, DAYS_A_MONTH);
    }

    /** Under five; not where nobody has said when it was born. */
    public static boolean isYoung(LocalDate day, @CanBeNull Integer bornYear) {
        return bornYear != null && day.getYear() - bornYear < HorseFacts.YOUNG_UNDER_YEARS;
    }

    /** The reason holds while the share is no larger than it was when it was given. */
    static Optional<Overrule> overrule(FactsVersion known) {
        return known.overrule()
                .filter(o -> weightShare(known.facts())
                        .filter(w -> percent(w).compareTo(o.percent()) <= 0)
                        .isPresent());
    }

    /** In percent, to a tenth. */
    static BigDecimal percent(WeightShare share) {
        return BigDecimal.valueOf(100 * share.share()).setScale(1, RoundingMode.HALF_UP);
    }

    static Optional<WeightShare> weightShare(Facts f) {
        OptionalDouble of = f.shouldWeighKg() == null
                ? f.weighsKg()
                : OptionalDouble.of(f.shouldWeighKg().doubleValue());
        return of.isEmpty() || f.riderKg() == null || f.tackKg() == null
                ? Optional.empty()
                : Optional.of(
                        WeightShare.of(f.riderKg().doubleValue(), f.tackKg().doubleValue(), of.getAsDouble()));
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
