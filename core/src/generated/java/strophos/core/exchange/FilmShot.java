package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import strophos.core.plain.PlainMap;

/**
 * One thing a video is to show.
 *
 * @param shot What a video is to show, so that something can be told from it.
 */
public record FilmShot(Shot shot) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("shot");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().put("shot", shot.word()).map();
    }
}
