package strophos.core.school;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What is done about an error. */
public enum CorrectionPolicy {
    /** An unwanted gait, a hurried step. */
    AT_ONCE,
    /** After 3 to 4 strides, with a horse that knows. */
    WHEN_CLEAR,
    /** Before it comes. */
    PREVENT,
    /** Reward-based: the criterion is lowered instead. */
    IGNORE;

    /** By what stands on the wire. */
    public static final Map<String, CorrectionPolicy> WORDS;

    static {
        Map<String, CorrectionPolicy> words = new LinkedHashMap<>();
        for (CorrectionPolicy each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
