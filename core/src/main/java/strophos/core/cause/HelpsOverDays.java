package strophos.core.cause;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;

/**
 * A hint: on at least {@code helped} of the last {@code days} days with the exercise between, the second measure was higher than
 * the first. With no effect at all that comes in 7 of 64 cases (5 or 6 of 6 at a coin's chance), so it is a hint and no more;
 * {@link HelpsMoreThanWaiting} is the stronger word. Days on which a measure is too short are passed over.
 */
public record HelpsOverDays(int fewest, int days, int helped) implements Rule<List<ProbeDay>> {

    /** @param t of {@link ProbeThresholds#SET} */
    public static HelpsOverDays of(Thresholds t) {
        return new HelpsOverDays(t.whole("today.fewest"), t.whole("hint.days"), t.whole("hint.helped"));
    }

    @Override
    public String id() {
        return "probe.helps-over-days";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("fewest", (double) fewest, "days", (double) days, "helped", (double) helped);
    }

    /** @param probes days with and without the exercise between, in order */
    @Override
    public Judgement judge(List<ProbeDay> probes) {
        List<ProbeDay> with = probes.stream()
                .filter(d -> d.between().isPresent() && d.isMeasured(fewest))
                .toList();
        List<ProbeDay> last = with.subList(Math.max(0, with.size() - days), with.size());
        int higher = (int) last.stream().filter(d -> d.gain() > 1e-9).count();
        ProbeEvidence seen = new ProbeEvidence.OfDays(new Proportion(higher, last.size()));
        return last.size() < days
                ? new Judgement.NotEnoughData(last.size(), days, List.of(seen))
                : Judgement.of(higher >= helped, seen);
    }
}
