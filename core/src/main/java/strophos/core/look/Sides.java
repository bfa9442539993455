package strophos.core.look;

import java.util.List;
import java.util.OptionalInt;
import strophos.core.exchange.Side;

/** A check that is made on either side. */
final class Sides {

    private Sides() {}

    /** Whether one of its scores is at or under the threshold; both are added to what was seen. */
    static boolean isAtMost(int threshold, Check check, OptionalInt left, OptionalInt right, List<FocusRow.Mark> seen) {
        return isAtMost(threshold, check + "_" + Side.LEFT, left, seen)
                | isAtMost(threshold, check + "_" + Side.RIGHT, right, seen);
    }

    private static boolean isAtMost(int threshold, String name, OptionalInt score, List<FocusRow.Mark> seen) {
        score.ifPresent(s -> seen.add(new FocusRow.Mark(name, String.valueOf(s))));
        return score.isPresent() && score.getAsInt() <= threshold;
    }
}
