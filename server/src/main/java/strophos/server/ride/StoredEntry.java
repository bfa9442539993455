package strophos.server.ride;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import strophos.core.record.Entry;
import strophos.core.record.ReadEntry;

/**
 * An entry as it lies here.
 *
 * @param receivedAt when it arrived
 * @param importedBy who brought it in from a file; empty when its own device sent it
 */
public record StoredEntry(Entry entry, Instant receivedAt, Optional<UUID> importedBy) {

    /** With what it says, for the fold. */
    ReadEntry read() {
        return ReadEntry.of(entry).arrived(receivedAt.toEpochMilli());
    }
}
