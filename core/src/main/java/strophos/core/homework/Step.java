package strophos.core.homework;

import java.util.Objects;
import java.util.Optional;
import strophos.core.stair.RungId;

/**
 * One step of an assignment.
 *
 * @param gate what opens the step after it, where it has one of its own: the stages of a programme do
 */
public record Step(RungId rung, Dose dose, Optional<Gate> gate) {

    public Step {
        Objects.requireNonNull(rung, "rung");
        Objects.requireNonNull(dose, "dose");
        Objects.requireNonNull(gate, "gate");
    }

    /** A step that opens the next by the gate of its assignment. */
    public Step(RungId rung, Dose dose) {
        this(rung, dose, Optional.empty());
    }
}
