package strophos.server.ride;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;
import strophos.core.record.Entry;

/** One entry as sent. Ids are UUIDs in lower-case text; {@code atMs} is the device's clock. */
@Schema(requiredProperties = {"id", "lesson", "device", "author", "seq", "atMs", "kind", "v", "payload"})
public record EntryWire(
        String id,
        String lesson,
        String device,
        String author,
        long seq,
        long atMs,
        String kind,
        int v,
        Map<String, Object> payload) {

    public static EntryWire of(Entry e) {
        return new EntryWire(
                e.id(), e.lesson(), e.device(), e.author(), e.seq(), e.atMs(), e.kind(), e.v(), e.payload());
    }
}
