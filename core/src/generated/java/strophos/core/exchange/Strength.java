package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The level at which the horse answered; when it did not, the highest level used. */
public enum Strength {
    /** Seat, breath, weight. */
    THOUGHT,
    LIGHT,
    CLEAR,
    STRONG;

    /** By what stands on the wire. */
    public static final Map<Integer, Strength> WORDS;

    static {
        Map<Integer, Strength> words = new LinkedHashMap<>();
        for (Strength each : values()) {
            words.put(each.level(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    /** As it stands on the wire; from 1 on. */
    public int level() {
        return ordinal() + 1;
    }

    /** The one of this level; empty for another number. */
    public static java.util.Optional<Strength> ofLevel(long level) {
        return level < 1 || level > values().length ? java.util.Optional.empty() : java.util.Optional.of(values()[(int) level - 1]);
    }
}
