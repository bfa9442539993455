package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * One stroke of a drawing.
 *
 * @param points Up to a hundred points, joined in their order.
 */
public record Stroke(List<FramePoint> points) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("points");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().many("points", points, FramePoint::plain).map();
    }
}
