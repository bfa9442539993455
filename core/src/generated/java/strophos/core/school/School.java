package strophos.core.school;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A way of teaching with its own aid ladder, correction policy and limits. */
public enum School {
    CLASSICAL,
    PRESSURE_AND_RELEASE,
    REWARD_BASED,
    FORWARD_SEAT,
    GAITED;

    /** By what stands on the wire. */
    public static final Map<String, School> WORDS;

    static {
        Map<String, School> words = new LinkedHashMap<>();
        for (School each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
