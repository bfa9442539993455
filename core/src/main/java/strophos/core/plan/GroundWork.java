package strophos.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import strophos.core.exchange.WorkedSide;
import strophos.core.look.FocusKind;
import strophos.core.stair.RungId;

/**
 * What is done in hand before anybody mounts: what prepares the day's focus, and part of the work of a horse that was ridden today
 * already.
 */
final class GroundWork {

    private final PlanFacts facts;

    GroundWork(PlanFacts facts) {
        this.facts = facts;
    }

    /** At most two: a flexion to each side, and one thing in hand. */
    List<Choice.Pick> before(List<FocusKind> kinds, Set<RungId> taken, int workS) {
        boolean isRidden = facts.riddenTodayS() > 0;
        if (!isRidden && workS < PlanRules.GROUND_FROM_S) {
            return List.of();
        }
        List<Choice.Pick> picks = new ArrayList<>();
        Optional<Choice.Pick> prepared = kinds.stream()
                .flatMap(k -> prepares(k, taken).map(c -> prepared(k, c)).stream())
                .findFirst();
        prepared.ifPresent(picks::add);
        if (isRidden) {
            Predicate<Candidate> isAnother =
                    c -> prepared.filter(p -> p.rung().id().equals(c.id())).isEmpty();
            best(isAnother.and(c -> !isEachSide(c)).and(GroundWork::isPreparing), taken)
                    .map(c -> new Choice.Pick(
                            c, Block.Role.GROUND, new ArrayList<>(List.of(Reason.of(Reason.Code.PART_IN_HAND)))))
                    .ifPresent(picks::add);
        }
        return picks;
    }

    private Optional<Candidate> prepares(FocusKind kind, Set<RungId> taken) {
        return best(
                c -> kind.strand()
                        .filter(c.inHand().orElseThrow().prepares()::contains)
                        .isPresent(),
                taken);
    }

    private static Choice.Pick prepared(FocusKind kind, Candidate c) {
        List<Reason> why = new ArrayList<>(List.of(Reason.of(Reason.Code.IN_HAND_FIRST, "focus", kind.name())));
        if (isEachSide(c)) {
            why.add(Reason.of(Reason.Code.ONE_EACH_SIDE));
        }
        return new Choice.Pick(c, Block.Role.GROUND, why);
    }

    /** Asked once to each side: no more than a look does. */
    private static boolean isEachSide(Candidate c) {
        return c.isForAnyHorse() && c.works() == WorkedSide.CHOSEN;
    }

    /** Loading and lunging are no part of a mounted lesson. */
    private static boolean isPreparing(Candidate c) {
        return !c.inHand().orElseThrow().prepares().isEmpty();
    }

    /** What it has been taught in hand, the highest; else what is asked of any horse. */
    private Optional<Candidate> best(Predicate<Candidate> which, Set<RungId> taken) {
        return facts.rungs().stream()
                .filter(c -> c.inHand().isPresent())
                .filter(this::isAllowed)
                .filter(c -> !taken.contains(c.id()))
                .filter(which)
                .min(Comparator.comparing((Candidate c) -> !c.isBegun())
                        .thenComparing(c -> -c.step())
                        .thenComparing(c -> c.id().toString()));
    }

    private boolean isAllowed(Candidate c) {
        return c.suits()
                && c.isCalm()
                && !c.isReported()
                && !c.isFence()
                && facts.isCleared(c)
                && !(c.isHard() && facts.hardYesterday().contains(c.id()))
                && c.isOpenInHand()
                && (c.isBegun() || c.isForAnyHorse())
                // a frightened horse is asked for nothing new
                && (c.isKnown() || c.isForAnyHorse() || !facts.kinds().contains(FocusKind.CONFIDENCE));
    }
}
