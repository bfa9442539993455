package strophos.core.look;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where along the neck it bends to one side. */
public enum BendPlace {
    EVEN,
    POLL_ONLY,
    BASE_ONLY,
    TWISTED;

    /** By what stands on the wire. */
    public static final Map<String, BendPlace> WORDS;

    static {
        Map<String, BendPlace> words = new LinkedHashMap<>();
        for (BendPlace each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
