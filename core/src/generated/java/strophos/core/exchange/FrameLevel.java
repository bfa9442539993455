package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * Two points of a frame that are level in life, as along a rail or the foot of a wall: by them the camera's tilt is taken off.
 *
 * @param from A point of a frame of a clip, in its own pixels from the left and from the top.
 * @param to A point of a frame of a clip, in its own pixels from the left and from the top.
 */
public record FrameLevel(FramePoint from, FramePoint to) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("from", "to");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("from", from.plain()).put("to", to.plain()).map();
    }
}
