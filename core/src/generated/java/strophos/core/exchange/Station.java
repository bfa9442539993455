package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where a finding was seen. */
public enum Station {
    STANDING,
    IN_HAND,
    MOUNTED;

    /** By what stands on the wire. */
    public static final Map<String, Station> WORDS;

    static {
        Map<String, Station> words = new LinkedHashMap<>();
        for (Station each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
