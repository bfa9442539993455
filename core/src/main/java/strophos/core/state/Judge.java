package strophos.core.state;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import strophos.core.progress.Criterion;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungFacts;
import strophos.core.progress.StifferSide;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/**
 * By what a pair's rungs are judged.
 *
 * @param rungs the catalogue's; empty for a rung it does not have (any more), which is judged as one without a criterion
 */
public record Judge(Function<RungId, Optional<Rung>> rungs, RungDecision decision, StifferSide stifferSide) {

    /** How a rung counts for its criterion, left and right; also one that was never ridden. */
    public List<ReinCount> counts(RungId rung, RungFacts facts) {
        Optional<Criterion> own = rungs.apply(rung).flatMap(Rung::criterion);
        return decision.criterion(own).onBoth(facts).stream().map(ReinCount::of).toList();
    }

    RungRecord record(RungId rung, int lessons, int asks, int lastLesson, RungFacts facts) {
        return new RungRecord(rung, lessons, asks, lastLesson, counts(rung, facts), stifferSide.judge(facts));
    }
}
