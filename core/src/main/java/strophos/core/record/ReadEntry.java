package strophos.core.record;

import java.util.Optional;
import java.util.OptionalLong;

/**
 * An entry, what it says and when it arrived. Reading a payload costs more than anything else that is done to an entry: whoever needs it
 * twice reads it once.
 *
 * @param payload empty when it is not understood
 * @param receivedAtMs when it arrived at the server, milliseconds since 1970 UTC; empty on the device that wrote it
 */
public record ReadEntry(Entry entry, Optional<Payload> payload, OptionalLong receivedAtMs) {

    /** One that has not arrived. */
    public static ReadEntry of(Entry entry) {
        return new ReadEntry(entry, PayloadReader.read(entry.kind(), entry.v(), entry.payload()), OptionalLong.empty());
    }

    /** The same, arrived then. */
    public ReadEntry arrived(long receivedAtMs) {
        return new ReadEntry(entry, payload, OptionalLong.of(receivedAtMs));
    }
}
