package strophos.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import strophos.core.stair.RungId;

/**
 * What one decision or report changed in a plan: the plan made without it beside the plan made with it.
 *
 * @param without the blocks as they would be, {@code with} as they are; never the same
 */
public record PlanChange(Cause cause, List<Part> without, List<Part> with) {

    /** What happened. */
    public enum Kind {
        DECISION,
        REPORT,
        STOP_SIGN
    }

    /**
     * A decision or a report since the last plan.
     *
     * @param what the decision, or how it felt
     */
    public record Cause(Kind kind, RungId rung, String what, LocalDate day) {}

    /** A cause, and the facts as they would be without it. */
    public record Supposition(Cause cause, PlanFacts without) {}

    /** A block in short. */
    public record Part(RungId rung, Block.Role role, int seconds) {}

    public PlanChange {
        Objects.requireNonNull(cause, "cause");
        without = List.copyOf(without);
        with = List.copyOf(with);
    }

    /** Those causes without which the plan would be another one, in the order given. */
    public static List<PlanChange> because(PlanFacts facts, List<Supposition> causes) {
        List<Part> with = parts(Planner.propose(facts));
        List<PlanChange> changes = new ArrayList<>();
        for (Supposition s : causes) {
            List<Part> without = parts(Planner.propose(s.without()));
            if (!without.equals(with)) {
                changes.add(new PlanChange(s.cause(), without, with));
            }
        }
        return changes;
    }

    /** A plan's blocks in short. */
    public static List<Part> parts(Plan plan) {
        return plan.blocks().stream()
                .map(b -> new Part(b.rung(), b.role(), b.time().seconds()))
                .toList();
    }
}
