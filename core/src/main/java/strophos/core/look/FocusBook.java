package strophos.core.look;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The rule book of the day's focus, read from the top: the rows that fire make the focus, two at most. Without any, the
 * next rung is the focus. Pain stops the day; a horse without a halt from walk stays in walk. A row on which nothing was looked at does not fire and is named as missing.
 */
public record FocusBook(List<FocusRow> rows) {

    public static final String BOOK = "focus/1";

    /** At most so many things a lesson. */
    public static final int AT_MOST = 2;

    /** At or under this score there is no halt from walk. */
    static final int NO_HALT = 1;

    /** The sides differ from this many points on. */
    static final int SIDES_DIFFER = 1;

    public static final FocusBook DEFAULT = new FocusBook(List.of(
            new PainRow(),
            new ScoreRow("focus.fright", FocusKind.CONFIDENCE, Check.CALM, 2, FirstLook::calm),
            new ScoreRow("focus.rider", FocusKind.RIDER, Check.RIDER, 1, FirstLook::rider),
            new ScoreRow("focus.halt", FocusKind.STOP_BACK, Check.HALT, NO_HALT, FirstLook::halt),
            new ScoreRow("focus.leg", FocusKind.FORWARD, Check.LEG, 2, FirstLook::leg),
            new BendRow(2, SIDES_DIFFER),
            new ShouldersRow()));

    public FocusBook {
        rows = List.copyOf(rows);
    }

    /** The day's focus with its whole why. */
    public Focus of(FirstLook look) {
        List<Focus.RowOutcome> findings = rows.stream()
                .map(row -> new Focus.RowOutcome(row.id(), row.focus(), row.threshold(), row.judge(look)))
                .toList();
        List<FocusKind> fired = findings.stream()
                .filter(f -> f.answer() instanceof FocusRow.Outcome.Present)
                .map(Focus.RowOutcome::focus)
                .toList();
        return new Focus(
                BOOK,
                kinds(fired),
                findings,
                limits(fired),
                findings.stream()
                        .filter(f -> f.answer() instanceof FocusRow.Outcome.Unchecked)
                        .map(f -> ((FocusRow.Outcome.Unchecked) f.answer()).check())
                        .toList(),
                BendRow.stiffer(look, SIDES_DIFFER));
    }

    private static List<FocusKind> kinds(List<FocusKind> fired) {
        if (fired.contains(FocusKind.HELP_FIRST)) {
            return List.of(FocusKind.HELP_FIRST);
        }
        return fired.isEmpty()
                ? List.of(FocusKind.NEXT_RUNG)
                : new ArrayList<>(fired.subList(0, Math.min(AT_MOST, fired.size())));
    }

    private static Set<Focus.Limit> limits(List<FocusKind> fired) {
        Set<Focus.Limit> limits = EnumSet.noneOf(Focus.Limit.class);
        if (fired.contains(FocusKind.HELP_FIRST)) {
            limits.add(Focus.Limit.NOTHING_RIDDEN);
        }
        if (fired.contains(FocusKind.STOP_BACK)) {
            limits.add(Focus.Limit.WALK_ONLY);
        }
        return limits;
    }
}
