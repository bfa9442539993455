package strophos.server.pause;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import strophos.core.exchange.Side;
import strophos.core.pause.Occurrence;
import strophos.core.pause.StopSign;

/**
 * A stop sign as stored.
 *
 * @param at when it was seen, never later than it came in
 * @param occasion the lesson, the practice or the report it was seen in
 * @param lesson how many lessons of the horse had begun by then
 */
public record SignSighting(
        UUID id,
        UUID horse,
        UUID pair,
        StopSign sign,
        Side side,
        Instant at,
        Instant receivedAt,
        UUID author,
        String by,
        UUID occasion,
        Source source,
        int lesson) {

    /** Which record tells it. */
    public enum Source {
        LESSON,
        PRACTICE,
        REPORT
    }

    Occurrence.Sighting occurrence(ZoneId zone) {
        return new Occurrence.Sighting(
                id.toString(),
                sign,
                at.toEpochMilli(),
                LocalDate.ofInstant(at, zone),
                occasion.toString(),
                lesson,
                receivedAt.toEpochMilli());
    }
}
