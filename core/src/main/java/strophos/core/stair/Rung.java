package strophos.core.stair;

import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Criterion;
import strophos.core.progress.Instrument;

/**
 * One step of a stair.
 *
 * @param needs rungs that must be passed before this one opens
 * @param wayBack where to go when it fails; empty at the foot
 * @param criterion the exercise's own; empty for what the rule book asks of any
 * @param works the side of the horse it works
 */
public record Rung(
        RungId id, Set<RungId> needs, Optional<RungId> wayBack, Optional<Criterion> criterion, WorkedSide works) {
    public Rung {
        Objects.requireNonNull(id, "id");
        needs = Set.copyOf(needs);
        Objects.requireNonNull(wayBack, "wayBack");
        Objects.requireNonNull(criterion, "criterion");
        Objects.requireNonNull(works, "works");
    }

    /** What measures something by which it is learnt. */
    public Optional<Instrument> instrument() {
        return criterion.flatMap(Criterion::instrument);
    }

    /** The same rung, which needs these. */
    public Rung needing(Set<RungId> others) {
        return new Rung(id, others, wayBack, criterion, works);
    }
}
