package strophos.core.cause;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One exchange with what was marked of the rider at it.
 *
 * @param exercise what was ridden, and on which rein: only the like is compared
 * @param yes it came, at whatever strength
 * @param factors marked at it
 */
public record MarkedAsk(String entry, String lesson, String exercise, boolean yes, Set<String> factors) {

    /** A fault counts from so long before the aid. */
    static final long BEFORE_AID_MS = 5_000;

    public MarkedAsk {
        factors = Set.copyOf(factors);
    }

    /** A factor touched in at a moment. */
    public record Mark(String factor, long atMs) {}

    /**
     * With the factors marked from 5 s before the aid until the response, never after it: the horse's break moves the rider
     * too. With one touch an exchange, aid and response are the same moment.
     */
    public static MarkedAsk at(
            String entry, String lesson, String exercise, boolean yes, long aidMs, long responseMs, List<Mark> marks) {
        Set<String> factors = new HashSet<>();
        for (Mark m : marks) {
            if (m.atMs() >= aidMs - BEFORE_AID_MS && m.atMs() <= responseMs) {
                factors.add(m.factor());
            }
        }
        return new MarkedAsk(entry, lesson, exercise, yes, factors);
    }
}
