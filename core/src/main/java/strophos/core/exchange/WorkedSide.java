package strophos.core.exchange;

import java.util.List;

/**
 * Which side of the horse an exercise works. Minutes and counts belong to sides of the horse; the rein follows from the exercise: an
 * inside bend to the right is ridden on the right rein, a counter-bend to the right on the left rein. A side is the one to which the
 * horse bends or yields; that the other is stretched by it is the same thing said from the other end. Common practice, no source.
 */
public enum WorkedSide {
    /** The one to the inside of the figure; also where the horse goes straight, since what lies inside is what turns it. */
    INSIDE,
    /** The one to the outside of the figure: counter-bend. */
    OUTSIDE,
    /** The coach's choice, on either rein: a turn away from a shoulder, a yield in hand. Told by the segment. */
    CHOSEN,
    /** None: standing, backing straight, loading. */
    NEITHER;

    /**
     * The side that is worked on this rein.
     *
     * @param said what the segment says; counts only where the exercise leaves it open
     * @return none where it is not known, or there is none
     */
    public Side on(Rein rein, Side said) {
        return switch (this) {
            case INSIDE -> side(rein);
            case OUTSIDE -> opposite(side(rein));
            case CHOSEN -> said;
            case NEITHER -> Side.NONE;
        };
    }

    /** The rein on which this side is worked; none where either will do. */
    public Rein reinFor(Side side) {
        return switch (this) {
            case INSIDE -> rein(side);
            case OUTSIDE -> rein(opposite(side));
            case CHOSEN, NEITHER -> Rein.NONE;
        };
    }

    /** What is judged apart: both sides, left first; or the exercise as a whole, where there is no side. */
    public List<Side> sides() {
        return this == NEITHER ? List.of(Side.NONE) : List.of(Side.LEFT, Side.RIGHT);
    }

    private static Side side(Rein rein) {
        return switch (rein) {
            case LEFT -> Side.LEFT;
            case RIGHT -> Side.RIGHT;
            case NONE -> Side.NONE;
        };
    }

    private static Rein rein(Side side) {
        return switch (side) {
            case LEFT -> Rein.LEFT;
            case RIGHT -> Rein.RIGHT;
            case NONE -> Rein.NONE;
        };
    }

    private static Side opposite(Side side) {
        return switch (side) {
            case LEFT -> Side.RIGHT;
            case RIGHT -> Side.LEFT;
            case NONE -> Side.NONE;
        };
    }
}
