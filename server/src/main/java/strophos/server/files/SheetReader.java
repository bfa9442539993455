package strophos.server.files;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.record.Entry;
import strophos.core.sheet.AskSheet;
import strophos.core.sheet.SheetAsk;
import strophos.core.sheet.SheetColumn;
import strophos.core.sheet.SheetIssue;
import strophos.core.sheet.SheetLog;
import strophos.core.stair.Rung;
import strophos.server.access.YardScope;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.ride.Answer;
import strophos.server.ride.EntryWire;
import strophos.server.ride.RideLog;
import strophos.server.ride.StoredEntry;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tables of asks that were kept elsewhere: looked at first, then taken into a lesson that has no record yet. */
@Service
@Transactional
class SheetReader {

    /** More asks than any lesson has, with their heading. */
    private static final int MOST_LINES = 2000;

    private final RideLog log;
    private final LessonRepository lessons;
    private final Catalogue catalogue;
    private final JsonMapper json;

    SheetReader(RideLog log, LessonRepository lessons, Catalogue catalogue, JsonMapper json) {
        this.log = log;
        this.lessons = lessons;
        this.catalogue = catalogue;
        this.json = json;
    }

    /** What was found in a table. */
    record SheetReading(
            List<String> heading,
            Map<SheetColumn, Integer> columns,
            List<SheetColumn> missing,
            List<SheetAsk> asks,
            List<SheetIssue> issues) {}

    /**
     * Reads a table for this lesson.
     *
     * @param columns where each column stands, from 0; empty: as the headings say
     */
    SheetReading read(UUID lesson, String text, Map<SheetColumn, Integer> columns, Optional<String> exercise) {
        Lesson of = lessons.find(lesson).orElseThrow(Problem::notFound);
        CsvTable table = CsvTable.read(text, MOST_LINES);
        List<String> heading = table.heading()
                .filter(h -> h.size() > 1)
                .orElseThrow(() -> new Problem(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "no_table",
                        "There is no table in the file: save the sheet as CSV, with the headings in its first line."));
        refuseOutside(columns, heading.size());
        Map<SheetColumn, Integer> where = columns.isEmpty() ? SheetColumn.guess(heading) : columns;
        List<SheetColumn> missing = Arrays.stream(SheetColumn.values())
                .filter(c -> SheetColumn.NEEDED.contains(c) && !where.containsKey(c))
                .toList();
        if (!missing.isEmpty()) {
            return new SheetReading(heading, where, missing, List.of(), List.of());
        }
        List<AskSheet.SheetRow> lines = new ArrayList<>();
        for (int i = 1; i < table.lines().size(); i++) {
            lines.add(new AskSheet.SheetRow(i + 1, table.lines().get(i)));
        }
        AskSheet.Reading read = AskSheet.read(lines, where, this::known, exercise, day(of));
        return new SheetReading(heading, where, missing, read.asks(), read.issues());
    }

    private static void refuseOutside(Map<SheetColumn, Integer> columns, int width) {
        List<Issue> outside = columns.entrySet().stream()
                .filter(c -> c.getValue() == null || c.getValue() < 0 || c.getValue() >= width)
                .map(c -> new Issue("no_column", "columns." + c.getKey(), "a column from 0 to " + (width - 1)))
                .toList();
        if (!outside.isEmpty()) {
            throw Problem.refused(outside);
        }
    }

    /** Writes the asks as entries of the lesson; how many of them are new. */
    int take(UUID lesson, List<SheetAsk> asks) {
        Lesson of = lessons.find(lesson).orElseThrow(Problem::notFound);
        String device = named("sheet " + lesson);
        SheetLog.Target into = new SheetLog.Target(
                lesson.toString(), device, YardScope.viewer().person().toString(), SheetReader::named);
        List<Entry> entries = SheetLog.of(asks, into, of.plannedAt().toEpochMilli(), day(of), lessons.zone());
        refuseOverAnother(lesson, entries);
        List<JsonNode> wire = entries.stream()
                .map(e -> json.<JsonNode>valueToTree(EntryWire.of(e)))
                .toList();
        return (int) log.takeFile(wire).stream()
                .filter(a -> a.outcome() == Answer.Outcome.STORED)
                .count();
    }

    /** A record that was touched in, or another state of the table, must not be mixed with this one. */
    private void refuseOverAnother(UUID lesson, List<Entry> entries) {
        Set<Entry> own = Set.copyOf(entries);
        boolean isOther = log.log(lesson).orElseThrow(Problem::notFound).stream()
                .map(StoredEntry::entry)
                .anyMatch(e -> !own.contains(e)
                        && !e.kind().equals("clock")
                        && !e.kind().equals("first_look"));
        if (isOther) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "has_record",
                    "This lesson has a record already; add another lesson for the table.",
                    List.of(new Issue("has_record", "lesson", "a lesson that was not ridden yet")));
        }
    }

    private LocalDate day(Lesson lesson) {
        ZoneId zone = lessons.zone();
        return LocalDate.ofInstant(lesson.plannedAt(), zone);
    }

    private Optional<AskSheet.KnownRung> known(String written) {
        String name = written.strip();
        return catalogue.strands().stream()
                .flatMap(s -> s.exercises().stream())
                .filter(e -> isCalled(e, name))
                .findFirst()
                .map(e -> {
                    Rung rung = catalogue.strands().stream()
                            .flatMap(s -> s.progression().rungs().stream())
                            .filter(r -> r.id().exercise().equals(e.id()))
                            .findFirst()
                            .orElseThrow();
                    return new AskSheet.KnownRung(
                            e.id(), rung.id().gait(), rung.id().place());
                });
    }

    private static boolean isCalled(Exercise e, String name) {
        return name.equalsIgnoreCase(e.id()) || name.equalsIgnoreCase(e.name()) || name.equalsIgnoreCase(e.shortName());
    }

    /** UUID version 3 (RFC 9562): the same words, the same id. */
    private static String named(String words) {
        return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8)).toString();
    }
}
