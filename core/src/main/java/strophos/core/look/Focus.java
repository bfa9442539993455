package strophos.core.look;

import java.util.List;
import java.util.Set;
import strophos.core.exchange.Side;

/**
 * What a look makes of the day.
 *
 * @param kinds at most two, in the table's order; never empty
 * @param findings every row's answer, in the table's order
 * @param limits what may not be ridden, whatever the coach prefers
 * @param missing checks that were not made
 * @param stiffer the side to which it bends less today; {@code NONE} when alike or not looked at
 */
public record Focus(
        String book,
        List<FocusKind> kinds,
        List<RowOutcome> findings,
        Set<Limit> limits,
        List<Check> missing,
        Side stiffer) {

    /** One row's answer. */
    public record RowOutcome(String rowId, FocusKind focus, int threshold, FocusRow.Outcome answer) {}

    /** Safety limits of a day: they cannot be overruled. */
    public enum Limit {
        NOTHING_RIDDEN,
        /** No trot or canter until the halt from walk scores 2. */
        WALK_ONLY
    }

    public Focus {
        kinds = List.copyOf(kinds);
        findings = List.copyOf(findings);
        limits = Set.copyOf(limits);
        missing = List.copyOf(missing);
    }
}
