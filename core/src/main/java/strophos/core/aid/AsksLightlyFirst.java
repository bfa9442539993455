package strophos.core.aid;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The ladder is climbed from its foot: of the asks that ended clear or strong, at least {@code share} were asked more lightly first.
 * Speaks from {@code fewest} of them on, of those in which the first strength was noted.
 */
public record AsksLightlyFirst(double share, int fewest) implements Rule<Proportion> {

    /** @param t of {@link AidThresholds#SET} */
    public static AsksLightlyFirst of(Thresholds t) {
        return new AsksLightlyFirst(t.get("ladder.share"), t.whole("ladder.fewest"));
    }

    @Override
    public String id() {
        return "aids.asks-lightly-first";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("share", share, "fewest", (double) fewest);
    }

    @Override
    public Judgement judge(Proportion lightly) {
        return lightly.total() < fewest
                ? new Judgement.NotEnoughData(lightly.total(), fewest)
                : Judgement.of(
                        lightly.successes() >= share * lightly.total() - 1e-9,
                        new AidEvidence.OfShare(lightly, Wilson.of(lightly), List.of()));
    }
}
