package strophos.core.bend;

import java.util.List;
import java.util.OptionalInt;

/** The sizes a first look tries, from the largest: 20, 15, 12, 10 and 8 m across. */
public final class CircleSizes {

    public static final List<Integer> TRIED_M = List.of(20, 15, 12, 10, 8);

    /** Ridden when nothing is known. */
    public static final int LARGEST_M = 20;

    /** From this score on no circle is tried. */
    private static final int BENDS_WELL = 3;

    private static final int WELL_M = 15;

    /** Where it bends all the way, softly. */
    private static final int SOFTLY_M = 12;

    private CircleSizes() {}

    /**
     * The circle to ride on both reins: the larger of the two on which the horse stays even, and no smaller. A side that
     * is even on none of them gets the largest.
     *
     * @param leftM smallest even circle to the left; empty when not looked at, 0 when even on none
     */
    public static int forBothReins(OptionalInt leftM, OptionalInt rightM) {
        return Math.max(orLargest(leftM), orLargest(rightM));
    }

    /**
     * The smallest circle on which one side can be taken to stay even: the one that was tried; where none was, since it bends
     * well, a smaller one the better it bends (common practice, no source).
     *
     * @param evenM smallest even circle to this side; empty when not tried
     * @param bend score of its bend, 0 to 4; empty when not looked at
     * @return empty when nothing speaks for any
     */
    public static OptionalInt ofSide(OptionalInt evenM, OptionalInt bend) {
        if (evenM.isPresent() || bend.isEmpty() || bend.getAsInt() < BENDS_WELL) {
            return evenM;
        }
        return OptionalInt.of(bend.getAsInt() == BENDS_WELL ? WELL_M : SOFTLY_M);
    }

    private static int orLargest(OptionalInt evenM) {
        return evenM.isEmpty() || evenM.getAsInt() == 0 ? LARGEST_M : evenM.getAsInt();
    }

    /** The next smaller size, to be tried once this one is even on both reins; empty at the smallest. */
    public static OptionalInt nextSmaller(int diameterM) {
        return TRIED_M.stream()
                .mapToInt(Integer::intValue)
                .filter(d -> d < diameterM)
                .findFirst();
    }
}
