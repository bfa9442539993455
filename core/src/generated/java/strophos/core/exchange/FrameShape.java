package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What is measured on a frame of a clip, by the points that are set on it. */
public enum FrameShape {
    /** A line, from one point to another. */
    LINE,
    /** An angle; its corner is the second point. */
    ANGLE,
    /** From the withers to the ears, seen from the side. */
    EARS,
    /** The rider's shoulder, hip and heel, seen from the side. */
    SEAT,
    /** The points of the horse's hips, seen from behind: the left, then the right. */
    HIPS;

    /** By what stands on the wire. */
    public static final Map<String, FrameShape> WORDS;

    static {
        Map<String, FrameShape> words = new LinkedHashMap<>();
        for (FrameShape each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
