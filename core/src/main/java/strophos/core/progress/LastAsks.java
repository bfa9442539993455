package strophos.core.progress;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.stats.Proportion;

/** The last asks of a side, as several criteria read them. */
final class LastAsks {

    private LastAsks() {}

    static Proportion successes(List<Ask> asks, Strength atMost) {
        return new Proportion(
                (int) asks.stream().filter(a -> a.succeedsAt(atMost)).count(), asks.size());
    }

    /**
     * In how many steps running, up to the last, it held. A step (a lesson, a day) counts for the side only when at least
     * half a window was asked on it: one lucky touch is no second lesson. Steps with fewer are passed over, neither for
     * nor against.
     *
     * @param stepOf what lessons of one step have in common
     * @param holds whether it held at the end of a step
     */
    static int stepsHeld(
            RungFacts facts, Side side, int window, Function<LessonFacts, Object> stepOf, Predicate<RungFacts> holds) {
        int held = 0;
        int end = facts.lessons().size();
        while (end > 0) {
            int start = end - 1;
            int asked = facts.upTo(end).lastLesson(side).size();
            Object step = stepOf.apply(facts.lessons().get(start));
            while (start > 0 && stepOf.apply(facts.lessons().get(start - 1)).equals(step)) {
                asked += facts.upTo(start).lastLesson(side).size();
                start--;
            }
            if (asked >= fewestInAStep(window)) {
                if (!holds.test(facts.upTo(end))) {
                    return held;
                }
                held++;
            }
            end = start;
        }
        return held;
    }

    static int fewestInAStep(int window) {
        return (window + 1) / 2;
    }
}
