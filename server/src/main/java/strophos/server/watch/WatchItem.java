package strophos.server.watch;

import java.time.LocalDate;
import java.util.UUID;
import strophos.core.exchange.Side;
import strophos.core.exchange.Station;
import strophos.server.contract.CanBeNull;

/**
 * One thing a pair has on watch today.
 *
 * @param id of the entry that put it there
 * @param isSign a sign of the horse's; else a fault or habit of the rider's
 * @param station where it was seen, and is looked for again; null where nobody said
 * @param until the last day on which it is asked
 * @param asked lessons in which it was looked for since, {@code seen} those in which it was seen
 */
public record WatchItem(
        UUID id,
        boolean isSign,
        String name,
        Side side,
        @CanBeNull Station station,
        LocalDate since,
        LocalDate until,
        int asked,
        int seen) {}
