package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A foot of the horse's; an aid tied to it is given as it leaves the ground. */
public enum Foot {
    LEFT_HIND,
    RIGHT_HIND,
    LEFT_FORE,
    RIGHT_FORE;

    /** By what stands on the wire. */
    public static final Map<String, Foot> WORDS;

    static {
        Map<String, Foot> words = new LinkedHashMap<>();
        for (Foot each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
