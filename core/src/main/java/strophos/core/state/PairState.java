package strophos.core.state;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.stair.RungId;
import strophos.core.stair.StairState;

/**
 * How a pair stands after so many lessons, and the decisions made until then.
 *
 * @param lessons begun so far
 * @param stair what the decisions came to
 * @param rungs those ridden so far, by id
 */
public record PairState(int lessons, StairState stair, Map<RungId, RungRecord> rungs) {

    /** Before the first lesson. */
    public static final PairState START = new PairState(0, StairState.START, Map.of());

    public PairState {
        rungs = Map.copyOf(rungs);
    }

    public Optional<RungRecord> find(RungId rung) {
        return Optional.ofNullable(rungs.get(rung));
    }

    /** The rungs the pair's own rider was asked on. */
    public Set<RungId> asked() {
        return rungs.values().stream()
                .filter(r -> r.asks() > 0)
                .map(RungRecord::rung)
                .collect(Collectors.toUnmodifiableSet());
    }
}
