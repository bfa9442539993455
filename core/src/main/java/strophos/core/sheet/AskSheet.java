package strophos.core.sheet;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Strength;
import strophos.core.record.PayloadReader;

/** Reads a table of asks, line by line; the same table gives the same asks and the same issues. */
public final class AskSheet {

    /** An exercise of the catalogue, with the gait and place it is ridden in when the table says none. */
    public record KnownRung(String exercise, Gait gait, Place place) {}

    /** The asks that could be read, and every cell that could not; a line with an issue gives no ask. */
    public record Reading(List<SheetAsk> asks, List<SheetIssue> issues) {
        public Reading {
            asks = List.copyOf(asks);
            issues = List.copyOf(issues);
        }
    }

    /** One line of the table: where it stands, and its cells. */
    public record SheetRow(int number, List<String> cells) {
        public SheetRow {
            cells = List.copyOf(cells);
        }

        boolean isEmpty() {
            return cells.stream().allMatch(String::isBlank);
        }
    }

    private final Map<SheetColumn, Integer> columns;
    private final Function<String, Optional<KnownRung>> catalogue;
    private final LocalDate day;
    private final List<SheetIssue> issues = new ArrayList<>();
    private final Map<SheetColumn, String> above = new EnumMap<>(SheetColumn.class);
    private LocalTime last = LocalTime.MIN;
    private SheetRow line;
    private boolean isGood;

    private AskSheet(
            Map<SheetColumn, Integer> columns,
            Function<String, Optional<KnownRung>> catalogue,
            Optional<String> exercise,
            LocalDate day) {
        this.columns = columns;
        this.catalogue = catalogue;
        this.day = day;
        exercise.ifPresent(e -> above.put(SheetColumn.EXERCISE, e));
    }

    /**
     * Reads the lines under the heading; empty lines are passed over.
     *
     * @param columns where each column stands, from 0
     * @param catalogue finds an exercise by what is written
     * @param exercise of all lines until one is written
     * @param day of the lesson, in the yard's zone
     */
    public static Reading read(
            List<SheetRow> lines,
            Map<SheetColumn, Integer> columns,
            Function<String, Optional<KnownRung>> catalogue,
            Optional<String> exercise,
            LocalDate day) {
        AskSheet sheet = new AskSheet(columns, catalogue, exercise, day);
        List<SheetAsk> asks = new ArrayList<>();
        lines.stream().filter(l -> !l.isEmpty()).forEach(l -> sheet.ask(l).ifPresent(asks::add));
        return new Reading(asks, sheet.issues);
    }

    private Optional<SheetAsk> ask(SheetRow next) {
        line = next;
        isGood = true;
        Optional<LocalTime> time = time();
        Optional<SheetAsk.Setting> ridden = ridden();
        Optional<Strength> strength = needed(SheetColumn.STRENGTH, SheetWords::strength);
        var response = needed(SheetColumn.RESPONSE, SheetWords::response);
        Optional<Strength> first = optional(SheetColumn.FIRST, SheetWords::strength);
        var release = optional(SheetColumn.RELEASE, SheetWords::release);
        Optional<String> note = cell(SheetColumn.NOTE);
        if (first.isPresent() && strength.isPresent() && first.get().compareTo(strength.get()) > 0) {
            issue(SheetColumn.FIRST, SheetIssue.Code.FIRST_ABOVE);
        }
        if (note.filter(n -> PayloadReader.read("note", 1, java.util.Map.of("text", n))
                        .isEmpty())
                .isPresent()) {
            issue(SheetColumn.NOTE, SheetIssue.Code.TOO_LONG);
        }
        return isGood
                ? Optional.of(new SheetAsk(
                        line.number(),
                        time,
                        ridden.orElseThrow(),
                        strength.orElseThrow(),
                        response.orElseThrow(),
                        first,
                        release,
                        note))
                : Optional.empty();
    }

    private Optional<SheetAsk.Setting> ridden() {
        boolean isSaid = cell(SheetColumn.EXERCISE).isPresent();
        Optional<KnownRung> known = asAbove(SheetColumn.EXERCISE, catalogue, SheetIssue.Code.UNKNOWN_EXERCISE);
        // a new exercise brings its own gait and place, as on the pad
        if (isSaid) {
            above.remove(SheetColumn.GAIT);
            above.remove(SheetColumn.PLACE);
        }
        Optional<Gait> gait = orOf(SheetColumn.GAIT, SheetWords::gait, known.map(KnownRung::gait));
        Optional<Place> place = orOf(SheetColumn.PLACE, SheetWords::place, known.map(KnownRung::place));
        var rein = asAbove(SheetColumn.REIN, SheetWords::rein, SheetIssue.Code.UNKNOWN_WORD);
        Optional<Mounted> mounted = orOf(SheetColumn.MOUNTED, SheetWords::mounted, Optional.of(Mounted.RIDER));
        OptionalInt circleM = place.filter(Place.CIRCLE::equals).isPresent()
                ? SheetWords.metres(above.getOrDefault(SheetColumn.PLACE, ""))
                : OptionalInt.empty();
        if (known.isEmpty() || gait.isEmpty() || place.isEmpty() || rein.isEmpty() || mounted.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new SheetAsk.Setting(
                known.get().exercise(), gait.get(), place.get(), circleM, rein.get(), mounted.get()));
    }

    private Optional<LocalTime> time() {
        Optional<String> cell = cell(SheetColumn.TIME);
        if (cell.isEmpty()) {
            return Optional.empty();
        }
        String[] parts = cell.get().split("[T ]", 2);
        try {
            if (parts.length == 2 && !LocalDate.parse(parts[0]).equals(day)) {
                issue(SheetColumn.TIME, SheetIssue.Code.OTHER_DAY);
                return Optional.empty();
            }
            String clock = parts[parts.length - 1].strip();
            LocalTime time = LocalTime.parse(clock.indexOf(':') == 1 ? "0" + clock : clock);
            if (time.isBefore(last)) {
                issue(SheetColumn.TIME, SheetIssue.Code.TIME_FALLS);
            } else {
                last = time;
            }
            return Optional.of(time);
        } catch (DateTimeException e) {
            issue(SheetColumn.TIME, SheetIssue.Code.NOT_A_TIME);
            return Optional.empty();
        }
    }

    private <T> Optional<T> needed(SheetColumn column, Function<String, Optional<T>> read) {
        Optional<String> cell = cell(column);
        if (cell.isEmpty()) {
            issue(column, SheetIssue.Code.MISSING);
            return Optional.empty();
        }
        return optional(column, read);
    }

    private <T> Optional<T> optional(SheetColumn column, Function<String, Optional<T>> read) {
        Optional<String> cell = cell(column);
        Optional<T> value = cell.flatMap(read);
        if (cell.isPresent() && value.isEmpty()) {
            issue(column, SheetIssue.Code.UNKNOWN_WORD);
        }
        return value;
    }

    /** As written here, or in the line above. */
    private <T> Optional<T> asAbove(SheetColumn column, Function<String, Optional<T>> read, SheetIssue.Code unknown) {
        cell(column).ifPresent(c -> above.put(column, c));
        String said = above.get(column);
        Optional<T> value = Optional.ofNullable(said).flatMap(read);
        if (value.isEmpty()) {
            issue(column, said == null ? SheetIssue.Code.MISSING : unknown);
        }
        return value;
    }

    /** As written here or above; where it never was, this. */
    private <T> Optional<T> orOf(SheetColumn column, Function<String, Optional<T>> read, Optional<T> otherwise) {
        return cell(column).isEmpty() && !above.containsKey(column)
                ? otherwise
                : asAbove(column, read, SheetIssue.Code.UNKNOWN_WORD);
    }

    private Optional<String> cell(SheetColumn column) {
        Integer at = columns.get(column);
        return at == null || at >= line.cells().size()
                ? Optional.empty()
                : Optional.of(line.cells().get(at).strip()).filter(c -> !c.isEmpty());
    }

    private void issue(SheetColumn column, SheetIssue.Code code) {
        isGood = false;
        issues.add(new SheetIssue(line.number(), column, code, cell(column).orElse(above.getOrDefault(column, ""))));
    }
}
