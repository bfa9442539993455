package strophos.core.change;

import java.util.List;
import strophos.core.exchange.Response;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;

/**
 * A side of a rung whose rate stands still where it does not do yet: a plateau (rules 7) with YES to less than {@value #DOES} of the last
 * three lessons' asks. What stands still above that only waits to be moved on (common practice, no source).
 *
 * @param change of this side; it has a slope
 */
public record StuckSide(RungChange change) {

    /** The share of the standard criterion: 8 of 10 (rules 3). */
    static final double DOES = 0.8;

    /** Left first. */
    public static List<StuckSide> of(RungFacts facts, Thirds thirds, Plateau plateau) {
        return RungChange.of(facts, thirds, plateau).stream()
                .filter(c -> c.overLessons() == Change.STANDS_STILL && lately(facts, c) < DOES)
                .map(StuckSide::new)
                .toList();
    }

    private static double lately(RungFacts facts, RungChange of) {
        List<LessonFacts> lessons = facts.lessons();
        List<Ask> asks =
                lessons.subList(Math.max(0, lessons.size() - RungChange.LESSONS_BEFORE), lessons.size()).stream()
                        .flatMap(l -> l.asks().stream())
                        .filter(a -> a.side() == of.side())
                        .toList();
        return asks.stream().filter(a -> a.response() == Response.YES).count() / (double) asks.size();
    }
}
