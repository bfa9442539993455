package strophos.core.feel;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Side;
import strophos.core.stats.Interval;
import strophos.core.stats.Kappa;
import strophos.core.stats.Proportion;

/**
 * How well a rider's feel for the better side of the horse agrees with what was counted, over lessons: said before any number was
 * shown. Chance alone agrees often, so the agreement beyond chance stands beside it (Cohen's kappa).
 *
 * @param lessons in which both were there
 * @param agreed in so many of them
 * @param kappa in [−1, 1]; empty where both only ever said one and the same thing
 * @param interval 95 % of kappa; [−1, 1] where there is none
 */
public record FeelAgreement(int lessons, int agreed, OptionalDouble kappa, Interval interval) {

    /** With fewer lessons nothing is said (common practice, no source). */
    public static final int FEWEST = 6;

    /** Sides whose shares of YES differ by less are called alike (common practice, no source). */
    public static final double ALIKE = 0.1;

    /** A side with fewer asks is not compared, as in a probe (rules 2). */
    private static final int FEWEST_ASKS = 4;

    private static final List<Side> WORDS = List.of(Side.LEFT, Side.RIGHT, Side.NONE);

    /** @param counted the better side by its answers; none: both alike */
    public record Lesson(Side felt, Side counted) {}

    /** The side that was better by its answers; none where they are alike; empty where too few were asked. */
    public static Optional<Side> counted(Proportion left, Proportion right) {
        if (left.total() < FEWEST_ASKS || right.total() < FEWEST_ASKS) {
            return Optional.empty();
        }
        double gap = left.share() - right.share();
        return Optional.of(Math.abs(gap) < ALIKE ? Side.NONE : gap > 0 ? Side.LEFT : Side.RIGHT);
    }

    /** Empty with fewer than {@value #FEWEST} lessons. */
    public static Optional<FeelAgreement> of(Collection<Lesson> lessons) {
        if (lessons.size() < FEWEST) {
            return Optional.empty();
        }
        int[][] table = new int[WORDS.size()][WORDS.size()];
        lessons.forEach(l -> table[WORDS.indexOf(l.felt())][WORDS.indexOf(l.counted())]++);
        Kappa.Agreement agreement = Kappa.of(table);
        return Optional.of(new FeelAgreement(
                lessons.size(),
                (int) lessons.stream().filter(l -> l.felt() == l.counted()).count(),
                agreement.kappa(),
                agreement.interval()));
    }
}
