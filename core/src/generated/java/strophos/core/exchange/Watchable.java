package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What can be put on watch: a fault of the rider's or a sign of the horse's. */
public enum Watchable {
    FAULT("fault"),
    SIGN("sign");

    /** By what stands on the wire. */
    public static final Map<String, Watchable> WORDS;

    static {
        Map<String, Watchable> words = new LinkedHashMap<>();
        for (Watchable each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    private final String word;

    Watchable(String word) {
        this.word = word;
    }

    /** As it stands on the wire. */
    public String word() {
        return word;
    }
}
