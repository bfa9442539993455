package strophos.catalogue;

import java.util.List;
import java.util.Objects;

/**
 * Own exercises in the order in which they are learnt, each after the one before. As homework it is a programme: its stages are set
 * together, and each waits for its gate.
 *
 * @param exercises ids of own ones
 */
public record OwnProgression(String id, String name, List<String> exercises, boolean isPutAway) {
    public OwnProgression {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(name, "name");
        exercises = List.copyOf(exercises);
    }
}
