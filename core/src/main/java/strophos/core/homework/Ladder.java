package strophos.core.homework;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.stair.RungId;

/**
 * The steps of an assignment: the rung's way back, the rung at the lower end of its dose, and at the upper end. All are
 * rungs the pair has ridden with the coach: homework never opens what nobody has shown.
 *
 * @param steps never empty
 * @param first the rung at its lower end
 */
public record Ladder(List<Step> steps, int first) {

    /** A rung with what it is as homework. */
    public record RungDose(RungId id, DoseRange dose) {}

    public Ladder {
        steps = List.copyOf(steps);
    }

    /** @param isComingBack horses coming back to work get half */
    public static Ladder of(RungDose rung, Optional<RungDose> wayBack, boolean isComingBack) {
        List<Step> steps = new ArrayList<>();
        wayBack.ifPresent(b -> steps.add(new Step(b.id(), Dose.least(b.dose(), isComingBack))));
        int first = steps.size();
        steps.add(new Step(rung.id(), Dose.least(rung.dose(), isComingBack)));
        Dose most = Dose.most(rung.dose(), isComingBack);
        if (most.amount() > steps.get(first).dose().amount()) {
            steps.add(new Step(rung.id(), most));
        }
        return new Ladder(steps, first);
    }
}
