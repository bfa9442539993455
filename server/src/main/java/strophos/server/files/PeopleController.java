package strophos.server.files;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.school.School;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** Riders and horses as a table, out and in. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class PeopleController {

    private final PeopleFile people;

    PeopleController(PeopleFile people) {
        this.people = people;
    }

    /**
     * A table to be taken in.
     *
     * @param school of the lines that do not say
     * @param isTrial it is only said what would become of it
     * @param leaveOut lines that cannot be read are left out; else nothing is taken while there are any
     */
    record PeopleText(
            @NotNull @NotBlank String text,
            @NotNull School school,
            @NotNull Boolean isTrial,
            @NotNull Boolean leaveOut) {}

    /** What became of a table, or would; {@code added} pairs are new. */
    record PeopleView(
            List<PeopleTable.Column> missing,
            List<PeopleFile.Outcome> lines,
            List<PeopleTable.CellIssue> issues,
            int added) {}

    @PostMapping("/people")
    @Needs(Action.IMPORT)
    PeopleView take(@Valid @RequestBody PeopleText wanted) {
        PeopleTable table = PeopleTable.read(wanted.text());
        List<PeopleFile.Outcome> lines = people.take(table.lines(), wanted.school());
        boolean isClear = table.issues().isEmpty()
                && lines.stream().noneMatch(l -> l.effect() == PeopleFile.Effect.TWO_OF_THIS_NAME);
        if (!wanted.isTrial() && (!table.missing().isEmpty() || !(isClear || wanted.leaveOut()))) {
            throw Problem.refused(List.of(new Issue("sheet_issues", "text", "a table without issues")));
        }
        Trial.endsHereIf(wanted.isTrial());
        return new PeopleView(table.missing(), lines, table.issues(), (int)
                lines.stream().filter(l -> l.effect() == PeopleFile.Effect.ADDS).count());
    }

    @GetMapping("/people.csv")
    @Needs(Action.IMPORT)
    ResponseEntity<byte[]> people() {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("people.csv")
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(people.write().getBytes(StandardCharsets.UTF_8));
    }
}
