package strophos.core.stop;

import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/** ■ The hot-weather line is crossed: °F + % humidity above {@code line}. Without a measure it does not speak. */
public record TooHot(double line) implements Rule<RideSoFar> {

    /** @param t of {@link StopThresholds#SET} */
    public static TooHot of(Thresholds t) {
        return new TooHot(t.get("heat.line"));
    }

    @Override
    public String id() {
        return "stop.too-hot";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("line", line);
    }

    @Override
    public Judgement judge(RideSoFar ride) {
        return ride.heat().isEmpty()
                ? new Judgement.NotEnoughData(0, 1)
                : Judgement.of(
                        ride.heat().getAsDouble() > line,
                        new StopEvidence.OfHeat(ride.heat().getAsDouble(), line));
    }
}
