package strophos.core.load;

import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/** The week's load is more than {@code share} above the week's before. Prompts, forbids nothing; silent after a week without work. */
public record WeekRises(double share) implements Rule<WeekRises.Weeks> {

    /** Loads of two weeks running, each at least 0. */
    public record Weeks(double before, double now) {}

    /** @param t of {@link LoadThresholds#SET} */
    public static WeekRises of(Thresholds t) {
        return new WeekRises(t.get("week-rise.share"));
    }

    @Override
    public String id() {
        return "load.week-rises";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("share", share);
    }

    @Override
    public Judgement judge(Weeks weeks) {
        if (weeks.before() == 0) {
            return new Judgement.NotEnoughData(0, 1);
        }
        return Judgement.of(
                weeks.now() > weeks.before() * (1 + share) + 1e-9,
                new LoadEvidence.OfWeeks(weeks.now(), weeks.before()));
    }
}
