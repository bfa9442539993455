package strophos.bench.judgement;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Decision;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungFacts;
import strophos.core.progress.Standing;
import strophos.core.progress.StifferSide;

/** What is decided on simulated pairs. */
final class Decisions {

    private static final RungDecision BOOK = RungDecision.standard();
    private static final Standing PASSED = new Standing(true, false, List.of());

    private Decisions() {}

    /** Was it advised at the end of any of these lessons? */
    static boolean isEverAdvised(Decision decision, List<LessonFacts> lessons, Standing standing) {
        for (int n = 1; n <= lessons.size(); n++) {
            RungFacts facts = new RungFacts(WorkedSide.INSIDE, lessons.subList(0, n));
            if (BOOK.advise(facts, Optional.empty(), standing).decision() == decision) {
                return true;
            }
        }
        return false;
    }

    static Counted movesOn(double good, int lessons, int asksASide, int pairs) {
        return advised("move on", Decision.MOVE_ON, Standing.IN_WORK, good, lessons, asksASide, pairs);
    }

    static Counted stepsBack(double good, int lessons, int asksASide, int pairs) {
        return advised("step back", Decision.STEP_BACK, Standing.IN_WORK, good, lessons, asksASide, pairs);
    }

    static Counted reopens(double good, int lessons, int asksASide, int pairs) {
        return advised("re-open a passed rung", Decision.REOPEN, PASSED, good, lessons, asksASide, pairs);
    }

    /** A pair of this truth on both reins is given the advice at some lesson's end. */
    private static Counted advised(
            String question, Decision decision, Standing standing, double good, int lessons, int asksASide, int pairs) {
        return Counted.over(
                question,
                "%.0f %% good, %d lessons of %d asks a side".formatted(100 * good, lessons, asksASide),
                pairs,
                seed -> isEverAdvised(
                        decision, new SimulatedPair(seed).lessons(lessons, good, good, asksASide), standing));
    }

    /** The right rein is named the stiffer at the end of so many lessons. */
    static Counted namesRight(double left, double right, int lessons, int asksASide, int pairs) {
        StifferSide rule = StifferSide.standard();
        return Counted.over(
                "right rein named the stiffer",
                "left %.0f %%, right %.0f %% good, after %d lessons of %d asks a side"
                        .formatted(100 * left, 100 * right, lessons, asksASide),
                pairs,
                seed -> rule.judge(new RungFacts(
                                        WorkedSide.INSIDE,
                                        new SimulatedPair(seed).lessons(lessons, left, right, asksASide)))
                                .stiffer()
                        == Side.RIGHT);
    }
}
