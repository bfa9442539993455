package strophos.server.pause;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.core.pause.HorseState;
import strophos.core.pause.Limits;
import strophos.core.pause.Occurrence;
import strophos.server.contract.CanBeNull;

/**
 * An answer to a horse's stop signs.
 *
 * @param whom was called, or cleared it; null when it keeps resting
 * @param fastest the fastest gait it was cleared for; null when nothing limits it
 * @param words what they said
 * @param restFrom the rest that ended; null when there was none
 */
record PauseAnswer(
        UUID id,
        UUID horse,
        Kind kind,
        @CanBeNull ContactRole whom,
        @CanBeNull String name,
        @CanBeNull LocalDate onDay,
        boolean mayHandWalk,
        @CanBeNull Gait fastest,
        @CanBeNull Integer minutes,
        @CanBeNull LocalDate untilDay,
        @CanBeNull String words,
        @CanBeNull LocalDate restFrom,
        @CanBeNull LocalDate restTo,
        String by,
        Instant at) {

    /** What was answered. */
    public enum Kind {
        KEEP_RESTING,
        CALLED,
        CLEARED
    }

    /** Who looks, or has looked. */
    public enum ContactRole {
        VET,
        DENTIST,
        FITTER,
        PHYSIOTHERAPIST,
        COACH
    }

    Optional<Limits> limits() {
        boolean isLimited = fastest != null || minutes != null;
        return isLimited
                ? Optional.of(new Limits(
                        fastest == null ? Gait.CANTER : fastest,
                        minutes == null ? OptionalInt.empty() : OptionalInt.of(minutes),
                        Optional.ofNullable(untilDay)))
                : Optional.empty();
    }

    Occurrence.Answer occurrence(ZoneId zone) {
        Occurrence.Reply reply = switch (kind) {
            case KEEP_RESTING -> new Occurrence.Reply.KeepResting(mayHandWalk);
            case CALLED -> new Occurrence.Reply.Call(mayHandWalk);
            case CLEARED ->
                new Occurrence.Reply.Clearance(
                        limits(),
                        restFrom == null ? Optional.empty() : Optional.of(new HorseState.TimeOff(restFrom, restTo)));
        };
        return new Occurrence.Answer(id.toString(), reply, LocalDate.ofInstant(at, zone), at.toEpochMilli());
    }
}
