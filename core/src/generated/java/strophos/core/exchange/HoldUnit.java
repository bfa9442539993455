package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What a stretch that is kept is measured in. */
public enum HoldUnit {
    STRIDES,
    SECONDS,
    METRES;

    /** By what stands on the wire. */
    public static final Map<String, HoldUnit> WORDS;

    static {
        Map<String, HoldUnit> words = new LinkedHashMap<>();
        for (HoldUnit each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
