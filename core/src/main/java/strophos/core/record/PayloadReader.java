package strophos.core.record;

import java.util.Map;
import java.util.Optional;
import strophos.core.look.FirstLook;
import strophos.core.plain.Plain;

/**
 * Reads what an entry says. Every payload version ever shipped stays readable; what is not understood is empty, never
 * an error, since the entry is kept all the same. What each kind says is defined in {@code format/}.
 */
public final class PayloadReader {

    private PayloadReader() {}

    /** The payload of an entry of this kind and version; empty when it is not understood. */
    public static Optional<Payload> read(String kind, int v, Map<String, Object> payload) {
        return Plain.isPlain(payload)
                ? Optional.ofNullable(Readers.read(kind, v, new Fields(payload)))
                : Optional.empty();
    }

    /** The first look that these checks tell; empty when one is out of its bounds: a look half read could hide something. */
    public static Optional<FirstLook> look(Map<String, Object> checks) {
        return Plain.isPlain(checks) ? Optional.ofNullable(Readers.firstLook(new Fields(checks))) : Optional.empty();
    }
}
