package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the horse's feet did over poles, from best to worst. */
public enum PolesAnswer {
    /** No pole touched, the same beat. */
    CLEAN,
    TOUCHED,
    /** Hurried to or over them. */
    RUSHED,
    TRIPPED;

    /** By what stands on the wire. */
    public static final Map<String, PolesAnswer> WORDS;

    static {
        Map<String, PolesAnswer> words = new LinkedHashMap<>();
        for (PolesAnswer each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
