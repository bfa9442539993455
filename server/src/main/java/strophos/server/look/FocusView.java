package strophos.server.look;

import java.util.List;
import java.util.Set;
import strophos.core.exchange.Side;
import strophos.core.look.Certainty;
import strophos.core.look.Check;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;
import strophos.core.look.FocusRow;

/**
 * A day's focus with its whole why, as sent.
 *
 * @param lacking where nothing was found: the chief checks without which it cannot be said that nothing is there
 */
public record FocusView(
        String book,
        List<FocusKind> kinds,
        Set<Focus.Limit> limits,
        List<Check> missing,
        List<Check> lacking,
        Side stiffer,
        List<FindingOfLook> findings) {

    /** What a row said. */
    public enum Answer {
        FIRES,
        CLEAR,
        NOT_LOOKED
    }

    /** One row's answer and what it saw; {@code threshold} is −1 for a row that does not go by a score. */
    public record FindingOfLook(
            String rowId, FocusKind focus, int threshold, Answer said, Certainty certainty, List<SeenView> seen) {}

    /** One thing seen; see the language file under {@code look.seen}. */
    public record SeenView(String what, String value) {}

    public static FocusView of(Focus focus) {
        return new FocusView(
                focus.book(),
                focus.kinds(),
                focus.limits(),
                focus.missing(),
                focus.lacking(),
                focus.stiffer(),
                focus.findings().stream().map(FocusView::finding).toList());
    }

    private static FindingOfLook finding(Focus.RowOutcome f) {
        FocusRow.Outcome answer = f.answer();
        if (answer instanceof FocusRow.Outcome.Present fires) {
            return finding(f, Answer.FIRES, fires.seen());
        } else if (answer instanceof FocusRow.Outcome.Clear clear) {
            return finding(f, Answer.CLEAR, clear.seen());
        }
        return finding(f, Answer.NOT_LOOKED, List.of());
    }

    private static FindingOfLook finding(Focus.RowOutcome f, Answer said, List<FocusRow.Mark> marks) {
        return new FindingOfLook(f.rowId(), f.focus(), f.threshold(), said, f.certainty(), seen(marks));
    }

    private static List<SeenView> seen(List<FocusRow.Mark> seen) {
        return seen.stream().map(s -> new SeenView(s.what(), s.value())).toList();
    }
}
