package strophos.server.outing;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import strophos.core.judgement.Thresholds;
import strophos.core.load.DayOfOuting;
import strophos.core.load.Outing;
import strophos.server.contract.CanBeNull;
import strophos.server.horse.HorseReader;

/**
 * An outing of a horse's.
 *
 * @param what it goes for, in the coach's words
 * @param travelOn day of the journey out, no later than {@code countsOn}
 * @param countsOn the day it is for
 * @param isFirst the horse's first outings: it is treated as a young one
 */
public record StoredOuting(
        UUID id, String what, LocalDate travelOn, LocalDate countsOn, boolean isFirst, boolean isPutAway) {

    /** On its first outings, or under five. */
    boolean isYoung(@CanBeNull Integer bornYear) {
        return isFirst || HorseReader.isYoung(travelOn, bornYear);
    }

    /** Its days as the rules have them. */
    Outing days(@CanBeNull Integer bornYear, Thresholds t) {
        return Outing.plan(travelOn, countsOn, isYoung(bornYear), Outing.LESSON_MINUTES, t);
    }

    /** What it makes of a day; empty for a day it does not touch. */
    public Optional<DayOfOuting> on(LocalDate day, @CanBeNull Integer bornYear, Thresholds t) {
        return isPutAway ? Optional.empty() : days(bornYear, t).on(day).map(d -> new DayOfOuting(what, countsOn, d));
    }
}
