package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * What was drawn over a frame.
 *
 * @param width How wide the frame is, in pixels.
 * @param height How high it is.
 * @param strokes Up to twenty strokes, in the order they were drawn in.
 */
public record Drawing(int width, int height, List<Stroke> strokes) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("width", "height", "strokes");

    public Drawing {
        if ((width < 1 || width > 16384)) {
            throw new IllegalArgumentException("The width (%d) must be in [1, 16384].".formatted(width));
        }
        if ((height < 1 || height > 16384)) {
            throw new IllegalArgumentException("The height (%d) must be in [1, 16384].".formatted(height));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("width", width).put("height", height).many("strokes", strokes, Stroke::plain).map();
    }
}
