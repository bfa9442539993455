package strophos.core.pause;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What a stop sign does. */
public enum SignKind {
    /** Pauses the horse until somebody who may has looked. */
    PAIN,
    /** Ends today's work; again within a few lessons it pauses the horse. */
    BEHAVIOUR,
    /** No more riding today. */
    FALL,
    /** The rider's: pauses the rider's homework. */
    RIDER,
    /** Pauses the homework; the lesson goes on with what the horse knows. */
    FRIGHT;

    /** Ends the lesson or the practice in which it is seen. */
    public static final List<SignKind> ENDS_WORK = List.of(PAIN, BEHAVIOUR, FALL, RIDER);

    /** By what stands on the wire. */
    public static final Map<String, SignKind> WORDS;

    static {
        Map<String, SignKind> words = new LinkedHashMap<>();
        for (SignKind each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
