package strophos.core.drill;

import java.util.EnumSet;
import java.util.Set;

/** The parts of the two-cone drill, in walk. */
public enum ConePart {
    /** Round the cone, bent to it. */
    FORWARD,
    /** Halted, the quarters a step out, and back in the same arc. */
    BACK,
    /** The forehand round the inside hind foot, and out on the new line. */
    PIVOT,
    /** Half a circle, bent away from the cone. */
    COUNTER,
    /** At the middle on to the circle of the other cone, the other way round. */
    CHANGE;

    /** What can be asked for next: only what was ridden forward can be backed in the same arc, and nothing comes twice running. */
    public Set<ConePart> next() {
        return switch (this) {
            case FORWARD -> EnumSet.of(BACK, PIVOT, COUNTER, CHANGE);
            case BACK -> EnumSet.of(FORWARD, PIVOT);
            case PIVOT -> EnumSet.of(FORWARD, COUNTER, CHANGE);
            case COUNTER -> EnumSet.of(FORWARD, PIVOT, CHANGE);
            case CHANGE -> EnumSet.of(FORWARD, COUNTER);
        };
    }
}
