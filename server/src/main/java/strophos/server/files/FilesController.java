package strophos.server.files;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.record.Ride;
import strophos.core.sheet.AskTable;
import strophos.core.sheet.SheetAsk;
import strophos.core.sheet.SheetColumn;
import strophos.core.sheet.SheetIssue;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.attachment.Attachments;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.ride.Answer;
import strophos.server.ride.RideLog;
import strophos.server.ride.StoredEntry;

/** Files out and in. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class FilesController {

    private final RideLog log;
    private final LessonRepository lessons;
    private final EntryFile file;
    private final SheetReader sheets;
    private final Attachments attachments;

    FilesController(
            RideLog log, LessonRepository lessons, EntryFile file, SheetReader sheets, Attachments attachments) {
        this.log = log;
        this.lessons = lessons;
        this.file = file;
        this.sheets = sheets;
        this.attachments = attachments;
    }

    /** A text to be taken in; with {@code isTrial} it is only said what would become of it. */
    record TextFile(@NotNull @NotBlank String text, @NotNull Boolean isTrial) {}

    /** An entry of a file that was not taken; counted from 1. */
    record RefusedEntry(int entry, @CanBeNull String id, Answer.Code code) {}

    record FileAnswer(int stored, int already, int odd, List<RefusedEntry> refused) {}

    /**
     * A table of asks.
     *
     * @param columns where each column stands, from 0; null: as the headings say
     * @param exercise of all lines until one is written; null: each must say
     */
    record TextSheet(
            @NotNull @NotBlank String text,
            @CanBeNull Map<SheetColumn, Integer> columns,
            @CanBeNull String exercise,
            @NotNull Boolean isTrial,
            @NotNull Boolean leaveOut) {}

    /** What stands in a table. {@code stored} entries are new; a trial stores none of them. */
    record SheetView(
            List<String> heading,
            Map<SheetColumn, Integer> columns,
            List<SheetColumn> missing,
            List<SheetRowView> lines,
            List<SheetIssue> issues,
            int stored) {}

    /** One ask as it was read, in the words of the record. */
    record SheetRowView(
            int line,
            @CanBeNull String time,
            String exercise,
            Gait gait,
            Place place,
            Rein rein,
            Mounted mounted,
            int strength,
            Response response) {
        static SheetRowView of(SheetAsk ask) {
            return new SheetRowView(
                    ask.line(),
                    ask.time().map(Object::toString).orElse(null),
                    ask.ridden().exercise(),
                    ask.ridden().gait(),
                    ask.ridden().place(),
                    ask.ridden().rein(),
                    ask.ridden().mounted(),
                    ask.strength().level(),
                    ask.response());
        }
    }

    @GetMapping("/lessons/{id}/files/{name}")
    @Needs(Action.EXPORT)
    ResponseEntity<byte[]> export(@PathVariable UUID id, @PathVariable String name) {
        Lesson lesson = lessons.find(id).orElseThrow(Problem::notFound);
        List<StoredEntry> entries = log.log(id).orElseThrow(Problem::notFound);
        return switch (name) {
            case "entries.json" -> saved(lesson, name, "application/json", text(file.json(lesson, entries)));
            case "entries.csv" -> saved(lesson, name, "text/csv", text(file.csv(entries)));
            case "asks.csv" ->
                saved(
                        lesson,
                        name,
                        "text/csv",
                        text(CsvTable.write(AskTable.HEADING, AskTable.of(ride(id), lessons.zone()))));
            case "tallies.csv" ->
                saved(
                        lesson,
                        name,
                        "text/csv",
                        text(CsvTable.write(AskTable.TALLIES_HEADING, AskTable.tallies(ride(id), lessons.zone()))));
            case "attachments.zip" -> saved(lesson, name, "application/zip", attachments.archive(id));
            default -> throw Problem.notFound();
        };
    }

    private Ride ride(UUID lesson) {
        return log.ride(lesson).orElseThrow(Problem::notFound);
    }

    /** Who brought entries of a lesson in from files. */
    record Origins(List<RideLog.Origin> broughtIn) {}

    @GetMapping("/lessons/{id}/origins")
    @Needs(Action.EXPORT)
    Origins origins(@PathVariable UUID id) {
        return new Origins(log.broughtIn(id).orElseThrow(Problem::notFound));
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private ResponseEntity<byte[]> saved(Lesson lesson, String name, String type, byte[] content) {
        String day = lesson.plannedAt().atZone(lessons.zone()).toLocalDate().toString();
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(day + " " + lesson.horse() + " " + name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .contentType(
                        type.equals("application/zip")
                                ? MediaType.parseMediaType(type)
                                : new MediaType(MediaType.parseMediaType(type), StandardCharsets.UTF_8))
                .body(content);
    }

    @PostMapping("/files")
    @Needs(Action.IMPORT)
    FileAnswer take(@Valid @RequestBody TextFile text) {
        List<Answer> answers = log.takeFile(file.read(text.text()));
        Trial.endsHereIf(text.isTrial());
        List<RefusedEntry> refused = new ArrayList<>();
        answers.stream()
                .filter(a -> a.outcome() == Answer.Outcome.REFUSED)
                .forEach(a -> refused.add(new RefusedEntry(a.index() + 1, a.id(), a.code())));
        return new FileAnswer(
                count(answers, Answer.Outcome.STORED),
                count(answers, Answer.Outcome.ALREADY),
                count(answers, Answer.Outcome.KEPT_ODD),
                refused);
    }

    private static int count(List<Answer> answers, Answer.Outcome outcome) {
        return (int) answers.stream().filter(a -> a.outcome() == outcome).count();
    }

    @PostMapping("/lessons/{id}/sheet")
    @Needs(Action.IMPORT)
    SheetView sheet(@PathVariable UUID id, @Valid @RequestBody TextSheet sheet) {
        SheetReader.SheetReading found = sheets.read(
                id,
                sheet.text(),
                sheet.columns() == null ? Map.of() : sheet.columns(),
                Optional.ofNullable(sheet.exercise()));
        boolean isWhole = found.missing().isEmpty() && (found.issues().isEmpty() || sheet.leaveOut());
        if (!sheet.isTrial() && !isWhole) {
            throw Problem.refused(List.of(new Issue("sheet_issues", "text", "a table without issues")));
        }
        int stored = isWhole ? sheets.take(id, found.asks()) : 0;
        Trial.endsHereIf(sheet.isTrial());
        return new SheetView(
                found.heading(),
                found.columns(),
                found.missing(),
                found.asks().stream().map(SheetRowView::of).toList(),
                found.issues(),
                stored);
    }
}
