package strophos.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Rein;
import strophos.core.look.Focus;

/**
 * What a plan may hold. The planner keeps all of it. Of a coach's own plan the safety limits are refused; the others are
 * said, and the coach decides.
 */
public final class PlanLimits {

    /** Which limit. */
    public enum Limit {
        NOTHING_RIDDEN(true),
        WALK_ONLY(true),
        NO_CANTER(true),
        /** Faster than the horse was cleared for, or a fence while it is. */
        CLEARANCE(true),
        /** A fence before canter on both leads and a single fence. */
        FENCE_CLOSED(true),
        /** Faster than ground and weather allow. */
        DAY(true),
        /** Another horse is advised, and nobody has said why not. */
        WEIGHT_OVER(true),
        WORK_CAP(true),
        STOP_SIGN_OPEN(true),
        TURN_CAP(false),
        TWO_TO_ONE(false),
        LONGER_THAN_LESSON(false),
        NOT_OPEN(false),
        HARD_RESTS(false),
        COUNT(false);

        private final boolean isSafety;

        Limit(boolean isSafety) {
            this.isSafety = isSafety;
        }

        /** A safety limit is refused, whoever plans. */
        public boolean isSafety() {
            return isSafety;
        }
    }

    /**
     * A limit that a plan breaks.
     *
     * @param block its index; empty when it is the plan as a whole
     */
    public record Breach(Limit limit, Optional<Integer> block) {}

    private PlanLimits() {}

    /** All limits this plan breaks; empty when it keeps them. */
    public static List<Breach> of(Plan plan, PlanFacts facts) {
        List<Breach> breaches = new ArrayList<>();
        whole(plan, facts).forEach(l -> breaches.add(new Breach(l, Optional.empty())));
        for (int i = 0; i < plan.blocks().size(); i++) {
            int index = i;
            Block block = plan.blocks().get(i);
            single(block, facts).forEach(l -> breaches.add(new Breach(l, Optional.of(index))));
        }
        return breaches;
    }

    private static List<Limit> whole(Plan plan, PlanFacts facts) {
        List<Limit> broken = new ArrayList<>();
        boolean isNothing = facts.isNothingRidden();
        if (facts.isLimitedTo(Focus.Limit.NOTHING_RIDDEN) && !plan.blocks().isEmpty()) {
            broken.add(Limit.NOTHING_RIDDEN);
        }
        if (!isNothing
                && (plan.blocks().size() < PlanRules.FEWEST_BLOCKS
                        || plan.blocks().size() > PlanRules.MOST_BLOCKS)) {
            broken.add(Limit.COUNT);
        }
        if (facts.horse().isTooHeavy() && !plan.blocks().isEmpty()) {
            broken.add(Limit.WEIGHT_OVER);
        }
        if (plan.workS() > facts.workCapS()) {
            broken.add(Limit.WORK_CAP);
        }
        if (plan.totalS() > facts.minutes() * 60) {
            broken.add(Limit.LONGER_THAN_LESSON);
        }
        return broken;
    }

    private static List<Limit> single(Block block, PlanFacts facts) {
        List<Limit> broken = new ArrayList<>();
        Optional<Candidate> rung = facts.find(block.rung());
        if (facts.isLimitedTo(Focus.Limit.WALK_ONLY)
                && rung.filter(Candidate::isCalm).isEmpty()) {
            broken.add(Limit.WALK_ONLY);
        }
        if (facts.isLimitedTo(Focus.Limit.NO_CANTER)
                && rung.filter(Candidate::isCanter).isPresent()) {
            broken.add(Limit.NO_CANTER);
        }
        if (rung.filter(c -> !facts.isCleared(c)).isPresent()) {
            broken.add(Limit.CLEARANCE);
        }
        if (rung.filter(c -> !facts.suitsDay(c)).isPresent()) {
            broken.add(Limit.DAY);
        }
        if (rung.filter(c -> c.isFence() && !c.isRideable()).isPresent()) {
            broken.add(Limit.FENCE_CLOSED);
        }
        if (rung.filter(Candidate::isReported).isPresent()) {
            broken.add(Limit.STOP_SIGN_OPEN);
        }
        if (rung.filter(c -> c.isRideable() || (block.role() == Block.Role.GROUND && c.isOpenInHand()))
                .isEmpty()) {
            broken.add(Limit.NOT_OPEN);
        }
        if (block.time().longestTurnS() > facts.turnCapS()) {
            broken.add(Limit.TURN_CAP);
        }
        double left = block.time().secondsOn(Rein.LEFT);
        double right = block.time().secondsOn(Rein.RIGHT);
        if (Math.max(left, right) > facts.stop().get("reins.mostToOne") * Math.min(left, right)) {
            broken.add(Limit.TWO_TO_ONE);
        }
        if (rung.filter(Candidate::isHard).isPresent() && facts.hardYesterday().contains(block.rung())) {
            broken.add(Limit.HARD_RESTS);
        }
        return broken;
    }
}
