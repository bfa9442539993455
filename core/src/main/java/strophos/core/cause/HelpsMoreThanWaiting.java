package strophos.core.cause;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Permutation;

/**
 * The gain with the exercise between is larger than on control days, on which the rung was measured twice without it:
 * permutation test of the days' gains, one-sided, at {@code p}. Without enough control days it asks for one.
 */
public record HelpsMoreThanWaiting(int fewest, int controlDays, double p) implements Rule<List<ProbeDay>> {

    private static final long SEED = 20260102;

    /** @param t of {@link ProbeThresholds#SET} */
    public static HelpsMoreThanWaiting of(Thresholds t) {
        return new HelpsMoreThanWaiting(t.whole("today.fewest"), t.whole("control.days"), t.get("control.p"));
    }

    @Override
    public String id() {
        return "probe.helps-more-than-waiting";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("fewest", (double) fewest, "controlDays", (double) controlDays, "p", p);
    }

    /** {@code NotEnoughData} counts control days: what is missing is a control day. */
    @Override
    public Judgement judge(List<ProbeDay> probes) {
        double[] with = gains(probes, true);
        double[] without = gains(probes, false);
        int fewer = Math.min(with.length, without.length);
        if (fewer < controlDays) {
            return new Judgement.NotEnoughData(fewer, controlDays);
        }
        Permutation.Result test = Permutation.isHigher(without, with, SEED);
        return Judgement.of(
                test.p() <= p + 1e-9,
                new ProbeEvidence.OfControl(mean(with), mean(without), with.length, without.length, test.p()));
    }

    private double[] gains(List<ProbeDay> probes, boolean isWith) {
        return probes.stream()
                .filter(d -> d.between().isPresent() == isWith && d.isMeasured(fewest))
                .mapToDouble(ProbeDay::gain)
                .toArray();
    }

    private static double mean(double[] values) {
        return java.util.Arrays.stream(values).average().orElseThrow();
    }
}
