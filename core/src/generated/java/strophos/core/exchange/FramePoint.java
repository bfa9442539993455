package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * A point of a frame of a clip, in its own pixels from the left and from the top.
 *
 * @param x From the left edge.
 * @param y From the top edge.
 */
public record FramePoint(int x, int y) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("x", "y");

    public FramePoint {
        if ((x < 0 || x > 16384)) {
            throw new IllegalArgumentException("The x (%d) must be in [0, 16384].".formatted(x));
        }
        if ((y < 0 || y > 16384)) {
            throw new IllegalArgumentException("The y (%d) must be in [0, 16384].".formatted(y));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("x", x).put("y", y).map();
    }
}
