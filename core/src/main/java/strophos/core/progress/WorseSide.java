package strophos.core.progress;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import strophos.core.exchange.Side;
import strophos.core.stats.Interval;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;

/**
 * The side of the horse that is behind on a strand, and whether it moves: all asks of the strand under the pair's own rider in
 * its last {@link #LESSONS} lessons, the earlier half of these lessons against the later. No plan follows from it: which side is stiff on
 * a rung, {@link StifferSide} says.
 *
 * @param side with the lower share of YES
 * @param earlier YES of its asks in the earlier half of the lessons
 * @param lately the same in the later half, which has one more where they are odd
 */
public record WorseSide(Side side, Proportion earlier, Proportion lately, Movement movement) {

    /** So many lessons of a strand are looked at. Common practice, no source. */
    public static final int LESSONS = 10;

    /** They are looked for among so many last lessons of the pair. Common practice, no source. */
    public static final int LESSONS_BACK = 40;

    /** With fewer asks on a side none is named. Common practice, no source. */
    static final int FEWEST = 8;

    /** What the 95 % interval of the difference (Newcombe 1998, method 10) lets say. */
    public enum Movement {
        RISES,
        FALLS,
        /** The interval of the difference holds 0, or a half has no asks. */
        CANNOT_TELL
    }

    /** YES of the asks of one lesson, by the side of the horse that was worked. */
    public record SidesOfLesson(Proportion left, Proportion right) {}

    /**
     * Empty where a side has too few asks, or the difference may be chance: its 95 % interval (Newcombe 1998, method 10) holds 0.
     *
     * @param lessons of one strand, the oldest first, {@link #LESSONS} at most
     */
    public static Optional<WorseSide> of(List<SidesOfLesson> lessons) {
        Proportion left = sum(lessons, SidesOfLesson::left);
        Proportion right = sum(lessons, SidesOfLesson::right);
        if (left.total() < FEWEST || right.total() < FEWEST) {
            return Optional.empty();
        }
        Interval more = Newcombe.of(right, left).interval();
        if (more.low() <= 0 && more.high() >= 0) {
            return Optional.empty();
        }
        boolean isLeft = more.low() > 0;
        Function<SidesOfLesson, Proportion> worse = isLeft ? SidesOfLesson::left : SidesOfLesson::right;
        int half = lessons.size() / 2;
        Proportion earlier = sum(lessons.subList(0, half), worse);
        Proportion lately = sum(lessons.subList(half, lessons.size()), worse);
        return Optional.of(new WorseSide(isLeft ? Side.LEFT : Side.RIGHT, earlier, lately, movement(earlier, lately)));
    }

    private static Movement movement(Proportion earlier, Proportion lately) {
        if (earlier.total() == 0 || lately.total() == 0) {
            return Movement.CANNOT_TELL;
        }
        Interval by = Newcombe.of(lately, earlier).interval();
        return by.low() > 0 ? Movement.RISES : by.high() < 0 ? Movement.FALLS : Movement.CANNOT_TELL;
    }

    private static Proportion sum(List<SidesOfLesson> lessons, Function<SidesOfLesson, Proportion> of) {
        return new Proportion(
                lessons.stream().map(of).mapToInt(Proportion::successes).sum(),
                lessons.stream().map(of).mapToInt(Proportion::total).sum());
    }
}
