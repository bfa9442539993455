package strophos.core.exchange;

import java.util.Optional;

/** The level at which the horse answered; when it did not, the highest level used. */
public enum Strength {
    /** 1: seat, breath, weight. */
    THOUGHT,
    /** 2. */
    LIGHT,
    /** 3. */
    CLEAR,
    /** 4. */
    STRONG;

    /** The level as the coach says it; in [1, 4]. */
    public int level() {
        return ordinal() + 1;
    }

    /** The strength of a level; empty outside [1, 4]. */
    public static Optional<Strength> ofLevel(long level) {
        return level < 1 || level > values().length ? Optional.empty() : Optional.of(values()[(int) level - 1]);
    }
}
