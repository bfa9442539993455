package strophos.core.look;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What was seen of the horse's soundness today. */
public enum Soundness {
    SOUND,
    /** An uneven step. */
    UNLEVEL,
    /** A sudden refusal, on one side only. */
    REFUSES_ONE_SIDE,
    /** A sore spot, swelling, blood, uneven sweat, a poll that will not be touched. */
    PAIN_SIGNS;

    /** Nothing is ridden, and no rung is judged, before somebody licensed has looked. */
    public static final List<Soundness> PAIN = List.of(UNLEVEL, REFUSES_ONE_SIDE, PAIN_SIGNS);

    /** By what stands on the wire. */
    public static final Map<String, Soundness> WORDS;

    static {
        Map<String, Soundness> words = new LinkedHashMap<>();
        for (Soundness each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
