package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the horse gave. The order is the pad's, from best to worst, and part of the record's format. */
public enum Response {
    /** Prompt and soft. */
    YES,
    /** Late, partial or stiff: on the way. */
    TRY,
    /** Against the aid. */
    BRACE,
    /** Nothing. */
    NONE,
    /** Another answer than the one asked for. */
    WRONG;

    /** By what stands on the wire. */
    public static final Map<String, Response> WORDS;

    static {
        Map<String, Response> words = new LinkedHashMap<>();
        for (Response each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
