package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** How something got better. */
public enum Better {
    /** It holds: the next step is opened. */
    MOVED_ON,
    /** Than the lessons before. */
    SINCE,
    /** From the beginning of the lesson to its end. */
    WITHIN,
    /** Over all the lessons. */
    OVER;

    /** By what stands on the wire. */
    public static final Map<String, Better> WORDS;

    static {
        Map<String, Better> words = new LinkedHashMap<>();
        for (Better each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
