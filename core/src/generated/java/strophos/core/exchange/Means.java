package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What an aid is given with. */
public enum Means {
    SEAT,
    LEG,
    REIN,
    WEIGHT,
    VOICE,
    WHIP,
    GAZE;

    /** By what stands on the wire. */
    public static final Map<String, Means> WORDS;

    static {
        Map<String, Means> words = new LinkedHashMap<>();
        for (Means each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
