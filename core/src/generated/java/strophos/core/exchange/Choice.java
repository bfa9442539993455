package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the horse chose in reward-based and loose work. Leaving is no error. */
public enum Choice {
    COMES,
    WAITS,
    LEAVES,
    /** Comes back by itself. */
    RETURNS,
    FRIGHT;

    /** By what stands on the wire. */
    public static final Map<String, Choice> WORDS;

    static {
        Map<String, Choice> words = new LinkedHashMap<>();
        for (Choice each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
