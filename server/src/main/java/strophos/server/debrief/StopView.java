package strophos.server.debrief;

import java.util.List;
import strophos.core.record.Ride;
import strophos.core.record.StopMoment;
import strophos.core.stop.StopBook.StopAdvice;

/**
 * When the lesson could have stopped.
 *
 * @param rule why; its sentence stands in the language file
 * @param workedMinutes of work until then, {@code riddenOnMinutes} after it
 */
public record StopView(StopAdvice advice, String rule, long workedMinutes, long riddenOnMinutes) {

    static List<StopView> of(Ride ride, StopMoment.Setting setting) {
        return StopMoment.in(ride, setting).stream()
                .map(m -> new StopView(
                        m.advice(),
                        m.ruleId().substring(m.ruleId().indexOf('.') + 1),
                        Math.round(m.worked().toSeconds() / 60.0),
                        Math.round(m.riddenOn().toSeconds() / 60.0)))
                .toList();
    }
}
