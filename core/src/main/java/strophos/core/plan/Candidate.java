package strophos.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import strophos.core.exchange.Gait;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.Feel;
import strophos.core.progress.Sidedness;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;

/**
 * One rung as the planner sees it.
 *
 * @param step its place in its strand, 0 at the foot
 * @param wayBack where to go when it fails; empty at the foot
 * @param isFence jumped
 * @param isHard rests on the day after it was ridden
 * @param isQuickening it makes a horse quicker
 * @param proposal whether it may be proposed
 * @param works the side of the horse it works
 * @param sides how the sides compare in the record
 * @param report how the rider's last practice of it went since the last lesson, if there was one
 * @param isReported a stop sign on it waits for an answer
 * @param turnsAgo lessons since it was last ridden, 0 for the last lesson; empty when never
 * @param inHand how it is asked from the ground; empty when it is ridden only
 */
public record Candidate(
        RungId id,
        String strand,
        int step,
        RungState state,
        Optional<RungId> wayBack,
        FigureKind line,
        boolean isFence,
        boolean isHard,
        boolean isQuickening,
        Proposal proposal,
        WorkedSide works,
        Optional<Sidedness> sides,
        Optional<Feel> report,
        boolean isReported,
        Optional<Integer> turnsAgo,
        Optional<InHand> inHand) {

    public Candidate {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(state, "state");
    }

    private static final Set<RungState> RIDEABLE =
            EnumSet.of(RungState.OPEN, RungState.IN_WORK, RungState.PASSED, RungState.PLACED);

    /** The pair's school teaches it. */
    public boolean suits() {
        return proposal != Proposal.NEVER;
    }

    boolean isRideable() {
        return RIDEABLE.contains(state);
    }

    /** Passed, placed, or the foot of its strand in halt or walk, which asks nothing new of a horse. */
    boolean isKnown() {
        return state == RungState.PASSED || state == RungState.PLACED || (step == 0 && isRideable() && isCalm());
    }

    /** Nobody sits on the horse for it. */
    boolean isUnmounted() {
        return inHand.filter(h -> !h.isMountedToo()).isPresent();
    }

    /** In hand, and no more than any look asks of it. */
    boolean isForAnyHorse() {
        return inHand.filter(InHand::isForAnyHorse).isPresent();
    }

    /** It can be asked in hand, whatever is below it. */
    boolean isOpenInHand() {
        return isRideable() || (isForAnyHorse() && state == RungState.CLOSED);
    }

    /** Ridden before, or the coach said that the pair can. */
    boolean isBegun() {
        return turnsAgo.isPresent() || state == RungState.PASSED || state == RungState.PLACED;
    }

    boolean isCalm() {
        return List.of(Gait.HALT, Gait.WALK, Gait.REIN_BACK).contains(id.gait());
    }

    boolean isCanter() {
        return id.gait().equals(Gait.CANTER);
    }

    boolean isBeingLearnt() {
        return state == RungState.IN_WORK || state == RungState.OPEN;
    }
}
