package strophos.server.ride;

import java.util.Map;
import java.util.UUID;
import strophos.core.record.Entry;
import strophos.server.contract.CanBeNull;

/**
 * One entry as it lies here: as its device sent it, and how it came.
 *
 * @param receivedAtMs when it arrived, milliseconds since 1970 UTC
 * @param importedBy who brought it in from a file; null when its own device sent it
 */
public record ArrivedEntry(
        String id,
        String lesson,
        String device,
        String author,
        long seq,
        long atMs,
        String kind,
        int v,
        Map<String, Object> payload,
        long receivedAtMs,
        @CanBeNull UUID importedBy) {

    public static ArrivedEntry of(StoredEntry stored) {
        Entry e = stored.entry();
        return new ArrivedEntry(
                e.id(),
                e.lesson(),
                e.device(),
                e.author(),
                e.seq(),
                e.atMs(),
                e.kind(),
                e.v(),
                e.payload(),
                stored.receivedAt().toEpochMilli(),
                stored.importedBy().orElse(null));
    }
}
