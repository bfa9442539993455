package strophos.core.cause;

import java.util.Objects;
import strophos.core.stair.RungId;

/**
 * An exercise after which a rung went better on earlier days. Worth trying again; never said to be the cause.
 *
 * @param exercise by its id
 * @param days on which it went better, or on which the coach said so; {@code of} the days that are counted
 */
public record Help(RungId rung, String exercise, Basis basis, int days, int of) {

    /** What speaks for it, the strongest first. */
    public enum Basis {
        /** More than on days without the exercise between. */
        MORE_THAN_WAITING,
        /** On most of the last days. */
        HINT,
        /** The coach's own word. */
        WORD
    }

    public Help {
        Objects.requireNonNull(rung, "rung");
        Objects.requireNonNull(exercise, "exercise");
        Objects.requireNonNull(basis, "basis");
    }
}
