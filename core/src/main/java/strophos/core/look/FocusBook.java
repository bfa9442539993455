package strophos.core.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.Iterator;
import java.util.List;
import java.util.Set;

/**
 * The rule book of the day's focus, read from the top: the rows that fire make the focus, two at most. Those that supple come in
 * the order in which the pair is taught. Without any, the next rung is the focus. Pain stops the day; a horse without a halt from
 * walk stays in walk, and does not canter before that halt is good. A row on which nothing was looked at does not fire and is
 * named as missing.
 */
public record FocusBook(List<FocusRow> rows) {

    public static final String BOOK = "focus/2";

    /** At most so many things a lesson. */
    public static final int AT_MOST = 2;

    /** At or under this score there is no halt from walk. */
    static final int NO_HALT = 1;

    /** At or under this score it is not good enough to canter. */
    static final int POOR_HALT = 2;

    /** The sides differ from this many points on. */
    static final int SIDES_DIFFER = 1;

    /** At or under this score a row fires, if it does not say otherwise. */
    static final int USUAL = 2;

    public static final FocusBook DEFAULT = new FocusBook(List.of(
            new PainRow(),
            new ScoreRow("focus.fright", FocusKind.CONFIDENCE, Check.CALM, 1, FirstLook::calm),
            new RiderRow(1),
            new ScoreRow("focus.halt", FocusKind.STOP_BACK, Check.HALT, NO_HALT, FirstLook::halt, FirstLook::haltAt),
            new ArmsRow(),
            new ScoreRow("focus.attention", FocusKind.ATTENTION, Check.ATTENTION, USUAL, FirstLook::attention),
            new ScoreRow("focus.leg", FocusKind.FORWARD, Check.LEG, USUAL, FirstLook::leg, FirstLook::legAt),
            new ScoreRow("focus.runs", FocusKind.STOP_BACK, Check.HALT_FASTER, USUAL, FirstLook::haltFaster),
            new ScoreRow("focus.tempo", FocusKind.RHYTHM, Check.TEMPO, USUAL, FirstLook::tempo),
            new JawRow(USUAL),
            new BendRow(USUAL, SIDES_DIFFER),
            new ShouldersRow(),
            new ContactRow(USUAL),
            new QuartersRow(USUAL)));

    public FocusBook {
        rows = List.copyOf(rows);
    }

    /** The day's focus with its whole why, in the table's own order. */
    public Focus of(FirstLook look) {
        return of(look, List.of());
    }

    /** @param strands in the order in which the pair is taught them; what is not among them keeps the table's place after them */
    public Focus of(FirstLook look, List<String> strands) {
        List<Focus.RowOutcome> findings = rows.stream()
                .map(row -> new Focus.RowOutcome(
                        row.id(), row.focus(), row.threshold(), row.judge(look), Certainty.of(row.at(look))))
                .toList();
        List<FocusKind> fired = bySchool(
                findings.stream()
                        .filter(Focus.RowOutcome::isPresent)
                        .map(Focus.RowOutcome::focus)
                        .distinct()
                        .toList(),
                strands);
        List<Check> missing = findings.stream()
                .filter(f -> f.answer() instanceof FocusRow.Outcome.Unchecked)
                .map(f -> ((FocusRow.Outcome.Unchecked) f.answer()).check())
                .toList();
        return new Focus(
                BOOK,
                kinds(fired),
                findings,
                limits(look, fired),
                missing,
                fired.isEmpty()
                        ? missing.stream().filter(Check.NEEDED::contains).toList()
                        : List.of(),
                BendRow.stiffer(look, SIDES_DIFFER));
    }

    /** What supples changes places among itself; all else stays where the table has it. */
    private static List<FocusKind> bySchool(List<FocusKind> fired, List<String> strands) {
        Iterator<FocusKind> suppling = fired.stream()
                .filter(FocusKind::isSuppling)
                .sorted(Comparator.comparingInt(k -> place(k, strands)))
                .iterator();
        return fired.stream().map(k -> k.isSuppling() ? suppling.next() : k).toList();
    }

    private static int place(FocusKind kind, List<String> strands) {
        int at = kind.strand().map(strands::indexOf).orElse(-1);
        return at < 0 ? strands.size() : at;
    }

    private static List<FocusKind> kinds(List<FocusKind> fired) {
        if (fired.contains(FocusKind.HELP_FIRST)) {
            return List.of(FocusKind.HELP_FIRST);
        }
        return fired.isEmpty()
                ? List.of(FocusKind.NEXT_RUNG)
                : new ArrayList<>(fired.subList(0, Math.min(AT_MOST, fired.size())));
    }

    private static Set<Focus.Limit> limits(FirstLook look, List<FocusKind> fired) {
        Set<Focus.Limit> limits = EnumSet.noneOf(Focus.Limit.class);
        if (fired.contains(FocusKind.HELP_FIRST)) {
            limits.add(Focus.Limit.NOTHING_RIDDEN);
        }
        if (look.halt().isPresent() && look.halt().getAsInt() <= POOR_HALT) {
            limits.add(look.halt().getAsInt() <= NO_HALT ? Focus.Limit.WALK_ONLY : Focus.Limit.NO_CANTER);
        }
        return limits;
    }
}
