package strophos.server.files;

import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import strophos.server.lesson.Lesson;
import strophos.server.problem.NameTwice;
import strophos.server.problem.Problem;
import strophos.server.ride.ArrivedEntry;
import strophos.server.ride.StoredEntry;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Entries of a lesson as a text, and read from one. What was written is read as the same entries. */
@Component
class EntryFile {

    static final String FORMAT = "strophos.entries";
    static final int VERSION = 1;

    /** A month of lessons. */
    private static final int MOST_ENTRIES = 10_000;

    static final List<String> COLUMNS =
            List.of("id", "lesson", "device", "author", "seq", "atMs", "kind", "v", "payload");
    private static final List<String> NUMBERS = List.of("seq", "atMs", "v");

    private final JsonMapper json;

    EntryFile(JsonMapper json) {
        this.json = json;
    }

    /** The document; the lesson is there for people, only the entries are read. */
    record Document(String format, int version, Heading lesson, List<ArrivedEntry> entries) {}

    record Heading(String id, String horse, String rider, String plannedAt) {
        static Heading of(Lesson l) {
            return new Heading(
                    l.id().toString(), l.horse(), l.rider(), l.plannedAt().toString());
        }
    }

    String json(Lesson lesson, List<StoredEntry> entries) {
        Document document = new Document(
                FORMAT,
                VERSION,
                Heading.of(lesson),
                entries.stream().map(ArrivedEntry::of).toList());
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(document) + "\n";
    }

    String csv(List<StoredEntry> entries) {
        return CsvTable.write(
                COLUMNS,
                entries.stream()
                        .map(StoredEntry::entry)
                        .map(e -> List.of(
                                e.id(),
                                e.lesson(),
                                e.device(),
                                e.author(),
                                e.seq(),
                                e.atMs(),
                                e.kind(),
                                e.v(),
                                json.writeValueAsString(e.payload())))
                        .toList());
    }

    /** The entries of a text in either form; whether each of them is one, their envelope's reader says. */
    List<JsonNode> read(String text) {
        String start = text.stripLeading();
        return start.startsWith("{") || start.startsWith("[")
                ? fromJson(text)
                : fromCsv(CsvTable.read(text, MOST_ENTRIES + 1));
    }

    private List<JsonNode> fromJson(String text) {
        JsonNode document;
        try {
            document = json.readTree(text);
        } catch (JacksonException e) {
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            throw notReadable(
                    NameTwice.isIn(e)
                            ? "A name appears twice in one object at line %d; it must stand once.".formatted(line)
                            : "The text is no JSON from line %d on.".formatted(line));
        }
        if (document.path("version").asInt(VERSION) > VERSION) {
            throw notReadable("The file was written by a later version; update this one first.");
        }
        JsonNode entries = document.isArray() ? document : document.path("entries");
        if (!entries.isArray()) {
            throw notReadable("There is no list of entries in the file.");
        }
        if (entries.size() > MOST_ENTRIES) {
            throw new Problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "table_too_large",
                    "A file may hold %d entries; split it into parts.".formatted(MOST_ENTRIES));
        }
        return entries.valueStream().toList();
    }

    private List<JsonNode> fromCsv(CsvTable table) {
        List<String> heading = table.heading().orElse(List.of());
        if (!heading.containsAll(COLUMNS)) {
            throw notReadable("The first line must name the columns " + String.join(", ", COLUMNS) + ".");
        }
        List<JsonNode> entries = new ArrayList<>();
        for (List<String> line : table.lines().subList(1, table.lines().size())) {
            if (!line.stream().allMatch(String::isBlank)) {
                entries.add(entry(heading, line));
            }
        }
        return entries;
    }

    private JsonNode entry(List<String> heading, List<String> line) {
        ObjectNode entry = json.createObjectNode();
        for (String column : COLUMNS) {
            int at = heading.indexOf(column);
            String cell = at < line.size() ? line.get(at) : "";
            if (NUMBERS.contains(column) || column.equals("payload")) {
                entry.set(column, value(cell));
            } else {
                entry.put(column, cell);
            }
        }
        return entry;
    }

    /** What is no JSON stays a text, which the envelope refuses. */
    private JsonNode value(String cell) {
        try {
            return json.readTree(cell);
        } catch (JacksonException e) {
            return json.getNodeFactory().stringNode(cell);
        }
    }

    private static Problem notReadable(String detail) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "no_entries", detail);
    }
}
