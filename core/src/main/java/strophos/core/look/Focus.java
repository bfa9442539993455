package strophos.core.look;

import java.util.List;
import java.util.Set;
import strophos.core.exchange.Side;

/**
 * What a look makes of the day.
 *
 * @param kinds at most two, the first first; never empty
 * @param findings every row's answer, in the table's order
 * @param limits what may not be ridden, whatever the coach prefers
 * @param missing checks that were not made
 * @param lacking where nothing was found: the chief checks without which it cannot be said that nothing is there; else none
 * @param stiffer the side to which it bends less today; {@code NONE} when alike or not looked at
 */
public record Focus(
        String book,
        List<FocusKind> kinds,
        List<RowOutcome> findings,
        Set<Limit> limits,
        List<Check> missing,
        List<Check> lacking,
        Side stiffer) {

    /** One row's answer, and how sure what it found is. */
    public record RowOutcome(
            String rowId, FocusKind focus, int threshold, FocusRow.Outcome answer, Certainty certainty) {

        boolean isPresent() {
            return answer instanceof FocusRow.Outcome.Present;
        }
    }

    /** Safety limits of a day: they cannot be overruled. */
    public enum Limit {
        NOTHING_RIDDEN,
        /** No trot or canter until the halt from walk scores 2. */
        WALK_ONLY,
        /** No canter until the halt from walk scores 3. */
        NO_CANTER
    }

    public Focus {
        kinds = List.copyOf(kinds);
        findings = List.copyOf(findings);
        limits = Set.copyOf(limits);
        missing = List.copyOf(missing);
        lacking = List.copyOf(lacking);
    }

    /** What was found as well, beyond the two of the day, in the table's order; nothing beside pain. */
    public List<FocusKind> beyond() {
        return kinds.contains(FocusKind.HELP_FIRST)
                ? List.of()
                : findings.stream()
                        .filter(RowOutcome::isPresent)
                        .map(RowOutcome::focus)
                        .distinct()
                        .filter(k -> !kinds.contains(k))
                        .toList();
    }

    /** Whether all that makes this a focus was seen at one station only. */
    public boolean isSuspected(FocusKind kind) {
        List<RowOutcome> made = findings.stream()
                .filter(f -> f.focus() == kind && f.isPresent())
                .toList();
        return !made.isEmpty() && made.stream().allMatch(f -> f.certainty() == Certainty.SUSPECTED);
    }
}
