package strophos.core.progress;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;

/**
 * When a rung is learnt, as data. Each side is judged alone, at a lesson's end; the rung passes with the weaker.
 *
 * <p>{@code NotEnoughData} while on a side fewer things were seen than the criterion looks at.
 */
public sealed interface Criterion extends Rule<RungFacts>
        permits StreakCriterion,
                RateCriterion,
                HoldCriterion,
                AbsenceCriterion,
                BeatsCriterion,
                BandCriterion,
                RecoveryCriterion,
                AlwaysCriterion {

    /** What measures something that it looks at; empty where it looks only at what was seen. */
    default Optional<Instrument> instrument() {
        return Optional.empty();
    }

    /** Whether it looks at this; asks are looked at by whichever criterion counts them. */
    default boolean looksAt(Observation observed) {
        return false;
    }

    /** One side against the criterion. */
    RungEvidence.OfSide onSide(RungFacts facts, Side side);

    default List<RungEvidence.OfSide> onEach(RungFacts facts) {
        return facts.sides().stream().map(r -> onSide(facts, r)).toList();
    }

    @Override
    default Judgement judge(RungFacts facts) {
        List<RungEvidence.OfSide> sides = onEach(facts);
        int fewest = sides.stream().mapToInt(r -> r.counted().total()).min().orElseThrow();
        int window = sides.get(0).window();
        if (fewest < window) {
            return new Judgement.NotEnoughData(fewest, window, sides);
        }
        boolean isMet = sides.stream().allMatch(r -> r.missing().isEmpty());
        return isMet ? new Judgement.Met(sides) : new Judgement.Broken(sides);
    }
}
