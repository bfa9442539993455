package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Whether the aids of one ask came at once or one after the other. */
public enum AidOrder {
    TOGETHER,
    IN_TURN;

    /** By what stands on the wire. */
    public static final Map<String, AidOrder> WORDS;

    static {
        Map<String, AidOrder> words = new LinkedHashMap<>();
        for (AidOrder each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
