package strophos.core.record;

import java.util.Optional;

/**
 * An entry, and what it says. Reading a payload costs more than anything else that is done to an entry: whoever needs it twice reads
 * it once.
 *
 * @param payload empty when it is not understood
 */
public record ReadEntry(Entry entry, Optional<Payload> payload) {

    public static ReadEntry of(Entry entry) {
        return new ReadEntry(entry, PayloadReader.read(entry.kind(), entry.v(), entry.payload()));
    }
}
