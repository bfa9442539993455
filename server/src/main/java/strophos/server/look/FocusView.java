package strophos.server.look;

import java.util.List;
import java.util.Set;
import strophos.core.exchange.Side;
import strophos.core.look.Check;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;
import strophos.core.look.FocusRow;

/** A day's focus with its whole why, as sent. */
public record FocusView(
        String book,
        List<FocusKind> kinds,
        Set<Focus.Limit> limits,
        List<Check> missing,
        Side stiffer,
        List<FindingOfLook> findings) {

    /** What a row said. */
    public enum Answer {
        FIRES,
        CLEAR,
        NOT_LOOKED
    }

    /** One row's answer and what it saw; {@code threshold} is −1 for a row that does not go by a score. */
    public record FindingOfLook(String rowId, FocusKind focus, int threshold, Answer said, List<SeenView> seen) {}

    /** One thing seen; see the language file under {@code look.seen}. */
    public record SeenView(String what, String value) {}

    public static FocusView of(Focus focus) {
        return new FocusView(
                focus.book(),
                focus.kinds(),
                focus.limits(),
                focus.missing(),
                focus.stiffer(),
                focus.findings().stream().map(FocusView::finding).toList());
    }

    private static FindingOfLook finding(Focus.RowOutcome f) {
        FocusRow.Outcome answer = f.answer();
        if (answer instanceof FocusRow.Outcome.Present fires) {
            return new FindingOfLook(f.rowId(), f.focus(), f.threshold(), Answer.FIRES, seen(fires.seen()));
        } else if (answer instanceof FocusRow.Outcome.Clear clear) {
            return new FindingOfLook(f.rowId(), f.focus(), f.threshold(), Answer.CLEAR, seen(clear.seen()));
        }
        return new FindingOfLook(f.rowId(), f.focus(), f.threshold(), Answer.NOT_LOOKED, List.of());
    }

    private static List<SeenView> seen(List<FocusRow.Mark> seen) {
        return seen.stream().map(s -> new SeenView(s.what(), s.value())).toList();
    }
}
