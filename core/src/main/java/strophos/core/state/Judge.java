package strophos.core.state;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Criterion;
import strophos.core.progress.Instrument;
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

    /** The side of the horse a rung works; of one that the catalogue does not have, the inner one, as of most. */
    public WorkedSide works(RungId rung) {
        return rungs.apply(rung).map(Rung::works).orElse(WorkedSide.INSIDE);
    }

    /** What measures something by which the rung is learnt. */
    public Optional<Instrument> instrument(RungId rung) {
        return rungs.apply(rung).flatMap(Rung::instrument);
    }

    /** What is known of a rung that was never ridden. */
    public RungFacts none(RungId rung) {
        return RungFacts.none(works(rung));
    }

    /** How a rung counts for its criterion, side by side; also one that was never ridden. */
    public List<SideCount> counts(RungId rung, RungFacts facts) {
        Optional<Criterion> own = rungs.apply(rung).flatMap(Rung::criterion);
        return decision.criterion(own).onEach(facts).stream().map(SideCount::of).toList();
    }

    RungRecord record(RungId rung, int lessons, int asks, int lastLesson, RungFacts facts) {
        return new RungRecord(rung, lessons, asks, lastLesson, counts(rung, facts), stifferSide.judge(facts));
    }
}
