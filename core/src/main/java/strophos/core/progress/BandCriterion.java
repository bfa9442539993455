package strophos.core.progress;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>band</em> criterion: in the lesson judged, contact on the side was inside the pair's band for at least {@code share} of
 * the time measured, and at least {@code leastS} seconds were measured. Whole seconds are counted; their interval is no
 * more than a hint, since seconds in a row are alike.
 *
 * @param share in (0, 1]
 * @param leastS seconds, at least 1
 */
public record BandCriterion(double share, int leastS) implements Criterion {

    public BandCriterion {
        if (!(share > 0 && share <= 1) || leastS < 1) {
            throw new IllegalArgumentException(
                    "A band needs a share in (0, 1] (%s) and at least one second (%d).".formatted(share, leastS));
        }
    }

    @Override
    public String id() {
        return "criterion.band";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("share", share, "leastS", (double) leastS);
    }

    @Override
    public Optional<Instrument> instrument() {
        return Optional.of(Instrument.SENSOR);
    }

    @Override
    public boolean looksAt(Observation observed) {
        return observed instanceof Observation.InBand;
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        List<Observation.InBand> measured = facts.lessons().isEmpty()
                ? List.of()
                : facts.lessons().get(facts.lessons().size() - 1).observed(Observation.InBand.class, side);
        Proportion counted = new Proportion(
                seconds(measured, Observation.InBand::inside), seconds(measured, Observation.InBand::measured));
        int needed = (int) Math.ceil(share * Math.max(leastS, counted.total()) - 1e-9);
        boolean isMet = counted.total() >= leastS && counted.successes() >= needed;
        return new RungEvidence.OfSide(
                side,
                counted,
                0,
                leastS,
                needed,
                Wilson.of(counted),
                isMet ? 1 : 0,
                1,
                isMet ? List.of() : List.of(missing(side, counted)),
                measured.stream().map(Observation::entry).toList());
    }

    private Missing missing(Side side, Proportion counted) {
        return counted.total() < leastS
                ? new Missing.Seconds(side, leastS - counted.total())
                : new Missing.InBand(side, counted.share(), share);
    }

    private static int seconds(List<Observation.InBand> measured, Function<Observation.InBand, Duration> which) {
        return (int) measured.stream().map(which).mapToLong(Duration::toMillis).sum() / 1000;
    }
}
