package strophos.catalogue;

import java.util.List;
import strophos.core.stair.Progression;

/** The exercises of a strand and the order in which they are learnt. */
public record Strand(String id, List<Exercise> exercises, Progression progression) {
    public Strand {
        exercises = List.copyOf(exercises);
    }
}
