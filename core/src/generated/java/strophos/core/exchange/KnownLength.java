package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * A length that is known, between two points of a frame.
 *
 * @param from A point of a frame of a clip, in its own pixels from the left and from the top.
 * @param to A point of a frame of a clip, in its own pixels from the left and from the top.
 * @param lengthMm In millimetres, as it is in life.
 */
public record KnownLength(FramePoint from, FramePoint to, int lengthMm) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("from", "to", "lengthMm");

    public KnownLength {
        if ((lengthMm < 50 || lengthMm > 100000)) {
            throw new IllegalArgumentException("The lengthMm (%d) must be in [50, 100000].".formatted(lengthMm));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("from", from.plain()).put("to", to.plain()).put("lengthMm", lengthMm).map();
    }
}
