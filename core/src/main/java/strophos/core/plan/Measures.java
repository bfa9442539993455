package strophos.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusKind;

/** A few asks that show how something stands, before another exercise, after it, and at the end. */
final class Measures {

    /** On such a day nothing is put to the test. */
    private static final Set<FocusKind> UNTESTED =
            EnumSet.of(FocusKind.CONFIDENCE, FocusKind.RIDER, FocusKind.ATTENTION);

    private Measures() {}

    /**
     * The second thing before the main one is ridden, where both supple: either may be the cause of the other. Not where the neck
     * twists as the quarters are asked: that says by itself what comes first.
     */
    static Optional<Choice.Pick> before(PlanFacts facts, Choice.Pick main, Choice.Pick second) {
        List<FocusKind> kinds = facts.kinds();
        boolean isUnclear = kinds.size() == 2
                && kinds.stream().allMatch(FocusKind::isSuppling)
                && isOf(kinds.get(0), main)
                && isOf(kinds.get(1), second)
                && !facts.look().flatMap(FirstLook::neckTwists).orElse(false);
        return isUnclear && !second.rung().isUnmounted() && !main.rung().isUnmounted()
                ? Optional.of(
                        new Choice.Pick(second.rung(), Block.Role.PROBE, List.of(told(Reason.Code.PROBE_BEFORE, main))))
                : Optional.empty();
    }

    /** The second thing again, when it was measured before. */
    static Choice.Pick after(Choice.Pick second, Choice.Pick main) {
        return second.because(told(Reason.Code.PROBE_AFTER, main));
    }

    /** The main thing once more, when it is being learnt or the look found it. */
    static Optional<Choice.Pick> test(PlanFacts facts, Choice.Pick main) {
        boolean isTested = facts.kinds().stream().noneMatch(UNTESTED::contains)
                && (main.rung().isBeingLearnt() || !facts.kinds().contains(FocusKind.NEXT_RUNG));
        return isTested
                ? Optional.of(new Choice.Pick(
                        main.rung(), Block.Role.TEST, new ArrayList<>(List.of(Reason.of(Reason.Code.TEST)))))
                : Optional.empty();
    }

    private static boolean isOf(FocusKind kind, Choice.Pick p) {
        return kind.strand().filter(p.rung().strand()::equals).isPresent();
    }

    private static Reason told(Reason.Code code, Choice.Pick other) {
        return Reason.of(code, "rung", other.rung().id());
    }
}
