package strophos.core.progress;

import java.util.List;
import strophos.core.exchange.Rein;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;

/**
 * When a rung is learnt, as data. Each rein is judged alone, at a lesson's end; the rung passes with the weaker.
 *
 * <p>{@code NotEnoughData} while on a rein fewer things were seen than the criterion looks at.
 */
public sealed interface Criterion extends Rule<RungFacts>
        permits StreakCriterion,
                RateCriterion,
                HoldCriterion,
                AbsenceCriterion,
                BandCriterion,
                RecoveryCriterion,
                AlwaysCriterion {

    /** One rein against the criterion. */
    RungEvidence.OfRein onRein(RungFacts facts, Rein rein);

    default List<RungEvidence.OfRein> onBoth(RungFacts facts) {
        return Rein.BOTH.stream().map(r -> onRein(facts, r)).toList();
    }

    @Override
    default Judgement judge(RungFacts facts) {
        List<RungEvidence.OfRein> reins = onBoth(facts);
        int fewest = reins.stream().mapToInt(r -> r.counted().total()).min().orElseThrow();
        int window = reins.get(0).window();
        if (fewest < window) {
            return new Judgement.NotEnoughData(fewest, window, reins);
        }
        boolean isMet = reins.stream().allMatch(r -> r.missing().isEmpty());
        return isMet ? new Judgement.Met(reins) : new Judgement.Broken(reins);
    }
}
