package strophos.core.progress;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;

/**
 * The <em>beats</em> criterion of a gait of four clear beats: kept as of {@link HoldCriterion}, by the eye and the ear; and where strides were
 * marked on a clip of the lesson judged, those marked last of each pair of feet do not contradict it. Without a clip it is a hold.
 *
 * @param amount above 0
 * @param times at least 1
 */
public record BeatsCriterion(double amount, HoldUnit unit, int times) implements Criterion {

    public BeatsCriterion {
        new HoldCriterion(amount, unit, times);
    }

    @Override
    public String id() {
        return "criterion.beats";
    }

    @Override
    public Map<String, Double> thresholds() {
        return kept().thresholds();
    }

    @Override
    public Optional<Instrument> instrument() {
        return Optional.of(Instrument.CLIP);
    }

    /** The stretches, as of any hold. */
    public HoldCriterion kept() {
        return new HoldCriterion(amount, unit, times);
    }

    @Override
    public boolean looksAt(Observation observed) {
        return observed instanceof Observation.Beats || kept().looksAt(observed);
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        RungEvidence.OfSide kept = kept().onSide(facts, side);
        List<Observation.Beats> others = last(facts, side).stream()
                .filter(Observation.Beats::isOtherwise)
                .toList();
        if (others.isEmpty()) {
            return kept;
        }
        return new RungEvidence.OfSide(
                side,
                kept.counted(),
                kept.tallied(),
                kept.window(),
                kept.needed(),
                kept.interval(),
                0,
                kept.toHold(),
                Stream.concat(kept.missing().stream(), others.stream().map(b -> missing(side, b)))
                        .toList(),
                Stream.concat(kept.entries().stream(), others.stream().map(Observation::entry))
                        .distinct()
                        .toList());
    }

    private static Missing missing(Side side, Observation.Beats beats) {
        return new Missing.FourBeats(side, beats.feet(), beats.share(), beats.low(), beats.high());
    }

    /** Of each pair of feet the strides that were marked last in the lesson judged, while this side was worked. */
    private static List<Observation.Beats> last(RungFacts facts, Side side) {
        Map<Side, Observation.Beats> last = new EnumMap<>(Side.class);
        if (!facts.lessons().isEmpty()) {
            facts.lessons()
                    .get(facts.lessons().size() - 1)
                    .observed(Observation.Beats.class, side)
                    .forEach(b -> last.put(b.feet(), b));
        }
        return List.copyOf(last.values());
    }
}
