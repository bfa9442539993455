package strophos.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;
import strophos.core.stair.RungId;

/**
 * Another honest plan for the day, with what it gives up. It keeps every limit that the proposal keeps.
 *
 * @param givesUp never empty
 */
public record Alternative(Kind kind, Plan plan, List<Cost> givesUp) {

    /** Which day. */
    public enum Kind {
        /** Shorter, and nothing but what the pair can do. */
        EASIER,
        /** The next rung towards the goal and nothing beside it, whatever else was found. */
        GOAL
    }

    /** What is given up. */
    public sealed interface Cost {

        /** Nothing is learnt on this rung today. */
        record NotLearnt(RungId rung) implements Cost {}

        /** So much less work. */
        record LessWork(int minutes) implements Cost {}

        /** Found by the look, and left. */
        record Left(FocusKind focus) implements Cost {}

        /** In the proposal, and not in this. */
        record NotRidden(RungId rung) implements Cost {}
    }

    /** Of the minutes of a lesson, on an easier day. */
    private static final double EASIER_SHARE = 0.7;

    private static final int EASIER_LEAST_MINUTES = 15;

    /** On such a day nobody works towards a goal. */
    private static final Set<FocusKind> NO_GOAL =
            Set.of(FocusKind.HELP_FIRST, FocusKind.CONFIDENCE, FocusKind.RIDER, FocusKind.STOP_BACK);

    public Alternative {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(plan, "plan");
        givesUp = List.copyOf(givesUp);
    }

    /** Those that differ from the proposal: at most two, none when nothing is ridden. */
    public static List<Alternative> to(PlanFacts facts) {
        Plan proposal = Planner.propose(facts);
        if (proposal.blocks().isEmpty()) {
            return List.of();
        }
        return Stream.of(easier(facts, proposal), goal(facts, proposal))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Alternative> easier(PlanFacts facts, Plan proposal) {
        List<Candidate> known =
                facts.rungs().stream().filter(c -> c.isKnown() && c.isBegun()).toList();
        int minutes = Math.max(EASIER_LEAST_MINUTES, (int) (proposal.totalS() / 60 * EASIER_SHARE));
        Plan plan = Planner.propose(facts.with(Math.min(minutes, facts.minutes()), known));
        int less = Math.round((proposal.workS() - plan.workS()) / 60f);
        List<Cost> costs = Stream.concat(
                        dropped(proposal, plan, EnumSet.of(Block.Role.MAIN, Block.Role.SECOND))
                                .filter(r -> facts.find(r)
                                        .filter(Candidate::isBeingLearnt)
                                        .isPresent())
                                .map(Cost.NotLearnt::new),
                        less > 0 ? Stream.of(new Cost.LessWork(less)) : Stream.<Cost>empty())
                .toList();
        return plan.workS() > proposal.workS() ? Optional.empty() : offered(Kind.EASIER, plan, costs);
    }

    private static Optional<Alternative> goal(PlanFacts facts, Plan proposal) {
        boolean isForbidden =
                facts.focus().stream().map(Focus::kinds).flatMap(List::stream).anyMatch(NO_GOAL::contains);
        if (isForbidden || facts.kinds().stream().anyMatch(NO_GOAL::contains)) {
            return Optional.empty();
        }
        Plan plan = Planner.towardsGoal(facts.choosing(List.of(FocusKind.NEXT_RUNG)));
        List<FocusKind> found = facts.kinds().stream()
                .filter(k -> k != FocusKind.NEXT_RUNG)
                .filter(k -> facts.focus().filter(f -> f.kinds().contains(k)).isPresent())
                .toList();
        List<Cost> costs = Stream.<Cost>concat(
                        found.stream().map(Cost.Left::new),
                        found.isEmpty()
                                ? dropped(proposal, plan, EnumSet.allOf(Block.Role.class))
                                        .map(Cost.NotRidden::new)
                                : Stream.empty())
                .toList();
        return offered(Kind.GOAL, plan, costs);
    }

    private static Optional<Alternative> offered(Kind kind, Plan plan, List<Cost> costs) {
        return plan.blocks().isEmpty() || costs.isEmpty()
                ? Optional.empty()
                : Optional.of(new Alternative(kind, plan, costs));
    }

    /** Rungs in these parts of the one that the other does without. */
    private static Stream<RungId> dropped(Plan proposal, Plan plan, Set<Block.Role> roles) {
        Set<RungId> here = plan.blocks().stream().map(Block::rung).collect(Collectors.toSet());
        return proposal.blocks().stream().map(Block::rung).distinct().filter(r -> !here.contains(r));
    }
}
