package strophos.server.files;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import strophos.core.school.School;
import strophos.server.contract.CanBeNull;
import strophos.server.contract.Names;

/**
 * Riders and horses as a table has them, each line one pair.
 *
 * @param missing columns without which nothing can be read
 * @param lines those that can be read
 * @param issues cells that cannot
 */
record PeopleTable(List<Column> missing, List<Line> lines, List<CellIssue> issues) {

    /** With the heading. */
    static final int MOST_LINES = 201;

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_GOAL = 400;

    /** What can be read, and what its heading may be called, in small letters. */
    enum Column {
        RIDER("rider", "name", "client", "pupil"),
        HORSE("horse", "pony"),
        SCHOOL("school", "way"),
        HEIGHT_CM("height_cm", "height", "height cm"),
        BORN("born", "born in", "year", "year of birth"),
        GOAL("goal", "aim");

        static final Set<Column> NEEDED = Set.of(RIDER, HORSE);

        private final List<String> headings;

        Column(String... headings) {
            this.headings = List.of(headings);
        }

        String heading() {
            return headings.get(0);
        }
    }

    /**
     * One pair.
     *
     * @param line in the text, from 1
     * @param school null where the line does not say
     */
    record Line(
            int line,
            String rider,
            String horse,
            @CanBeNull School school,
            @CanBeNull Integer heightCm,
            @CanBeNull Integer born,
            @CanBeNull String goal) {}

    /** Why a cell cannot be read. */
    enum Code {
        MISSING,
        TOO_LONG,
        UNKNOWN_SCHOOL,
        NOT_A_NUMBER
    }

    record CellIssue(int line, Column column, String value, Code code) {}

    /** Reads a text whose first line has the headings; empty lines are left out. */
    static PeopleTable read(String text) {
        CsvTable table = CsvTable.read(text, MOST_LINES);
        Map<Column, Integer> where = where(table.heading().orElse(List.of()));
        List<Column> missing = Stream.of(Column.values())
                .filter(c -> Column.NEEDED.contains(c) && !where.containsKey(c))
                .toList();
        List<Line> lines = new ArrayList<>();
        List<CellIssue> issues = new ArrayList<>();
        if (missing.isEmpty()) {
            for (int i = 1; i < table.lines().size(); i++) {
                List<String> cells = table.lines().get(i);
                if (cells.stream().anyMatch(c -> !c.isBlank())) {
                    new Reading(i + 1, cells, where, issues).line().ifPresent(lines::add);
                }
            }
        }
        return new PeopleTable(missing, List.copyOf(lines), List.copyOf(issues));
    }

    private static Map<Column, Integer> where(List<String> headings) {
        Map<Column, Integer> where = new EnumMap<>(Column.class);
        Map<String, Column> named = new HashMap<>();
        for (Column column : Column.values()) {
            column.headings.forEach(h -> named.put(h, column));
        }
        for (int i = 0; i < headings.size(); i++) {
            Column column = named.get(headings.get(i).strip().toLowerCase(Locale.ROOT));
            if (column != null) {
                where.putIfAbsent(column, i);
            }
        }
        return where;
    }

    /** One line being read. */
    private static final class Reading {

        private final int line;
        private final List<String> cells;
        private final Map<Column, Integer> where;
        private final List<CellIssue> issues;
        private boolean isWhole = true;

        Reading(int line, List<String> cells, Map<Column, Integer> where, List<CellIssue> issues) {
            this.line = line;
            this.cells = cells;
            this.where = where;
            this.issues = issues;
        }

        Optional<Line> line() {
            Line read = new Line(
                    line,
                    name(Column.RIDER),
                    name(Column.HORSE),
                    school(),
                    number(Column.HEIGHT_CM, 60, 220),
                    number(Column.BORN, 1980, 2100),
                    text(Column.GOAL, LONGEST_GOAL));
            return isWhole ? Optional.of(read) : Optional.empty();
        }

        private Optional<String> cell(Column column) {
            Integer at = where.get(column);
            return at == null || at >= cells.size() || cells.get(at).isBlank()
                    ? Optional.empty()
                    : Optional.of(Names.kept(cells.get(at)));
        }

        private void issue(Column column, String value, Code code) {
            isWhole = false;
            issues.add(new CellIssue(line, column, value.length() > 40 ? value.substring(0, 40) : value, code));
        }

        private String name(Column column) {
            String name = text(column, LONGEST_NAME);
            if (name == null && cell(column).isEmpty()) {
                issue(column, "", Code.MISSING);
            }
            return name;
        }

        private String text(Column column, int most) {
            Optional<String> text = cell(column);
            if (text.filter(t -> t.length() > most).isPresent()) {
                issue(column, text.get(), Code.TOO_LONG);
                return null;
            }
            return text.orElse(null);
        }

        private School school() {
            Optional<String> written = cell(Column.SCHOOL);
            Optional<School> school = written.flatMap(w -> Stream.of(School.values())
                    .filter(s -> plain(s.name()).equals(plain(w)))
                    .findFirst());
            if (written.isPresent() && school.isEmpty()) {
                issue(Column.SCHOOL, written.get(), Code.UNKNOWN_SCHOOL);
            }
            return school.orElse(null);
        }

        private Integer number(Column column, int least, int most) {
            Optional<String> written = cell(column);
            Optional<Integer> number = written.filter(w -> w.matches("\\d{1,4}"))
                    .map(Integer::valueOf)
                    .filter(n -> n >= least && n <= most);
            if (written.isPresent() && number.isEmpty()) {
                issue(column, written.get(), Code.NOT_A_NUMBER);
            }
            return number.orElse(null);
        }

        private static String plain(String word) {
            return word.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
        }
    }
}
