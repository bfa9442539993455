package strophos.core.cause;

import java.util.Map;
import java.util.stream.Stream;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.progress.Ask;
import strophos.core.stats.Permutation;

/**
 * The second measure of the day is higher by more than chance: permutation test of the scores, one-sided, at {@code p}. Speaks
 * from {@code fewest} asks in each measure on. It says nothing of the cause: the horse is warmer, too.
 */
public record HelpedToday(int fewest, double p) implements Rule<ProbeDay> {

    private static final long SEED = 20260101;

    /** @param t of {@link ProbeThresholds#SET} */
    public static HelpedToday of(Thresholds t) {
        return new HelpedToday(t.whole("today.fewest"), t.get("today.p"));
    }

    @Override
    public String id() {
        return "probe.helped-today";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("fewest", (double) fewest, "p", p);
    }

    @Override
    public Judgement judge(ProbeDay day) {
        if (!day.isMeasured(fewest)) {
            return new Judgement.NotEnoughData(
                    Math.min(day.before().size(), day.after().size()), fewest);
        }
        Permutation.Result test = Permutation.isHigher(ProbeScore.of(day.before()), ProbeScore.of(day.after()), SEED);
        return Judgement.of(
                test.p() <= p + 1e-9,
                new ProbeEvidence.OfDay(
                        ProbeScore.mean(day.before()),
                        ProbeScore.mean(day.after()),
                        test.p(),
                        Stream.concat(day.before().stream(), day.after().stream())
                                .map(Ask::entry)
                                .toList()));
    }
}
