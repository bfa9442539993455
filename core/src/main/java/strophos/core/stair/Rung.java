package strophos.core.stair;

import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import strophos.core.progress.RateCriterion;

/**
 * One step of a stair.
 *
 * @param needs rungs that must be passed before this one opens
 * @param wayBack where to go when it fails; empty at the foot
 */
public record Rung(RungId id, Set<RungId> needs, Optional<RungId> wayBack, RateCriterion criterion) {
    public Rung {
        Objects.requireNonNull(id, "id");
        needs = Set.copyOf(needs);
        Objects.requireNonNull(wayBack, "wayBack");
        Objects.requireNonNull(criterion, "criterion");
    }
}
