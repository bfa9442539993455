package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** How the lead was changed after a fence: in one stride, late behind, through trot or walk, not at all. */
public enum LeadChange {
    CLEAN,
    LATE,
    SIMPLE,
    NONE;

    /** By what stands on the wire. */
    public static final Map<String, LeadChange> WORDS;

    static {
        Map<String, LeadChange> words = new LinkedHashMap<>();
        for (LeadChange each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
