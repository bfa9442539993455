package strophos.core.change;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.stats.Proportion;

/**
 * A side of a rung whose rate stands still where it does not do yet: a plateau (rules 7) with YES to less than {@value #DOES} of the last
 * three lessons' asks. What stands still above that only waits to be moved on (common practice, no source).
 */
public record StuckSide(Side side, ChangeEvidence.OfSlope slope) {

    /** The share of the standard criterion: 8 of 10 (rules 3). */
    static final double DOES = 0.8;

    /**
     * Of the sides that were asked in the last lesson, left first.
     *
     * @param lessons on a rung, the earliest first
     */
    public static List<StuckSide> of(List<LessonRates> lessons, Plateau plateau) {
        return lessons.isEmpty()
                ? List.of()
                : lessons.get(lessons.size() - 1).bySide().keySet().stream()
                        .sorted()
                        .flatMap(side -> of(side, lessons, plateau).stream())
                        .toList();
    }

    private static Optional<StuckSide> of(Side side, List<LessonRates> lessons, Plateau plateau) {
        Judgement over = plateau.judge(on(side, lessons).toList());
        List<LessonRates> last =
                lessons.subList(Math.max(0, lessons.size() - RungChange.LESSONS_BEFORE), lessons.size());
        Proportion lately = on(side, last).map(Rate::successes).reduce(new Proportion(0, 0), Proportion::plus);
        return over.isMet() && lately.share() < DOES
                ? over.evidence().stream()
                        .filter(ChangeEvidence.OfSlope.class::isInstance)
                        .map(seen -> new StuckSide(side, (ChangeEvidence.OfSlope) seen))
                        .findFirst()
                : Optional.empty();
    }

    private static Stream<Rate> on(Side side, List<LessonRates> lessons) {
        return lessons.stream()
                .filter(l -> l.bySide().containsKey(side))
                .map(l -> new Rate(l.lesson(), l.bySide().get(side)));
    }
}
