package strophos.core.exchange;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.plain.PlainMap;

/**
 * One aid of an ask.
 *
 * @param means What an aid is given with.
 * @param side Of the rider's body; NONE: both sides, or of no side.
 * @param manner How an aid is given.
 * @param foot The foot it is tied to.
 */
public record Aid(Means means, Side side, Optional<Manner> manner, Optional<Foot> foot) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("means", "side", "manner", "foot");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap()
                    .put("means", means.word())
                    .put("side", side.word())
                    .maybe("manner", manner.map(Manner::word))
                    .maybe("foot", foot.map(Foot::word))
                    .map();
    }
}
