package strophos.core.look;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the rider says after riding this horse, again and again. */
public enum Complaint {
    NONE,
    /** Arms or shoulders ache after each ride. */
    ARMS_TIRED,
    BACK_SORE,
    LEGS_TIRED,
    /** Does not feel safe. */
    UNEASY;

    /** By what stands on the wire. */
    public static final Map<String, Complaint> WORDS;

    static {
        Map<String, Complaint> words = new LinkedHashMap<>();
        for (Complaint each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
