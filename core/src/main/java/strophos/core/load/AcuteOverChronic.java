package strophos.core.load;

import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/** The acute load is over {@code most} times the chronic one. The ratio is debated: it prompts a look, it forbids nothing. */
public record AcuteOverChronic(double most) implements Rule<AcuteChronic> {

    /** @param t of {@link LoadThresholds#SET} */
    public static AcuteOverChronic of(Thresholds t) {
        return new AcuteOverChronic(t.get("acute-chronic.ratio"));
    }

    @Override
    public String id() {
        return "load.acute-over-chronic";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("ratio", most);
    }

    @Override
    public Judgement judge(AcuteChronic loads) {
        return loads.ratio().isEmpty()
                ? new Judgement.NotEnoughData(0, 1)
                : Judgement.of(
                        loads.ratio().getAsDouble() > most,
                        new LoadEvidence.OfRatio(loads.ratio().getAsDouble()));
    }
}
