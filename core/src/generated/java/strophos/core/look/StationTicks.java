package strophos.core.look;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.plain.PlainMap;

/**
 * Where a finding was seen.
 *
 * @param standing Standing.
 * @param inHand Walking in hand.
 * @param mounted From the saddle.
 */
public record StationTicks(Optional<Boolean> standing, Optional<Boolean> inHand, Optional<Boolean> mounted) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of("standing", "inHand", "mounted");

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap().maybe("standing", standing).maybe("inHand", inHand).maybe("mounted", mounted).map();
    }
}
