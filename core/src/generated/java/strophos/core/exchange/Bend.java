package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** How the horse is flexed on its figure: not at all, to its inside, to its outside. */
public enum Bend {
    STRAIGHT,
    BEND,
    COUNTER_BEND;

    /** By what stands on the wire. */
    public static final Map<String, Bend> WORDS;

    static {
        Map<String, Bend> words = new LinkedHashMap<>();
        for (Bend each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
