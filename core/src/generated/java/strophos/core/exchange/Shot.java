package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What a video is to show, so that something can be told from it. */
public enum Shot {
    /** From the side, square to the line. */
    SIDE,
    /** From in front, coming straight at the camera. */
    FRONT,
    /** From behind, going straight away. */
    BEHIND,
    /** All four feet, the whole time. */
    FEET,
    /** The hands and the reins. */
    HANDS,
    /** The rider from head to heel. */
    RIDER,
    /** Twenty seconds on each rein, or of each side. */
    EACH_REIN,
    /** Up the slope and down it. */
    SLOPE,
    /** From before it begins until after it ends. */
    WHOLE;

    /** By what stands on the wire. */
    public static final Map<String, Shot> WORDS;

    static {
        Map<String, Shot> words = new LinkedHashMap<>();
        for (Shot each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
