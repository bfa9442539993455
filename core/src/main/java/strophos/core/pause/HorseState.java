package strophos.core.pause;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Gait;

/**
 * Whether a horse may be ridden on a day.
 *
 * @param causes what pauses it, in order; empty unless it is paused
 * @param today behaviour and falls seen today, which end its day
 * @param lately behaviour, falls and riders hurt in the last days: nothing stops, but somebody asks
 * @param since the day the first of the causes was seen
 * @param mayHandWalk while paused: the vet agreed to hand-walking
 * @param limits what it was cleared for; empty when nothing limits it
 * @param rest the last rest that ended by a clearance; empty when there was none
 */
public record HorseState(
        List<Occurrence.Sighting> causes,
        List<Occurrence.Sighting> today,
        List<Occurrence.Sighting> lately,
        Optional<LocalDate> since,
        boolean mayHandWalk,
        Optional<Limits> limits,
        Optional<TimeOff> rest) {

    /** Nothing is in the way. */
    public static final HorseState FREE = new HorseState(
            List.of(), List.of(), List.of(), Optional.empty(), false, Optional.empty(), Optional.empty());

    /** From the first sign to the day it was cleared. */
    public record TimeOff(LocalDate from, LocalDate clearedOn) {}

    public HorseState {
        causes = List.copyOf(causes);
        today = List.copyOf(today);
        lately = List.copyOf(lately);
    }

    public boolean isPaused() {
        return !causes.isEmpty();
    }

    /** The day the last of its causes was seen: whoever looked before that did not look at it. Empty unless it is paused. */
    public Optional<LocalDate> lastSeen() {
        return causes.stream().map(Occurrence.Sighting::day).max(Comparator.naturalOrder());
    }

    /** Behaviour or a fall ended its work for today. */
    public boolean isDayOver() {
        return !today.isEmpty();
    }

    /** Nothing is ridden on it now. */
    public boolean isNotRidden() {
        return isPaused() || isDayOver();
    }

    public boolean allows(Gait gait) {
        return limits.map(l -> l.allows(gait)).orElse(true);
    }
}
