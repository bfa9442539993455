package strophos.server.library;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.InputStream;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import tools.jackson.databind.json.JsonMapper;

/** Takes in the own work of another yard, or of this one as it was: looked at first, then all or nothing. */
@Service
@Transactional
public class OwnImport {

    private final OwnWorks works;
    private final OwnRepository own;
    private final JsonMapper json;

    OwnImport(OwnWorks works, OwnRepository own, JsonMapper json) {
        this.works = works;
        this.own = own;
        this.json = json;
    }

    /** Takes in a file that was written for this version. */
    public void take(InputStream file, Instant at) {
        take(json.readValue(file, OwnFile.class), false, at);
    }

    /** An exercise as it is handed on. */
    record ExerciseOfFile(
            @NotBlank @Size(max = 64) String id,
            @NotNull @Valid OwnForm exercise) {}

    /** A progression as it is handed on. */
    record ProgressionOfFile(
            @NotBlank @Size(max = 64) String id,
            @NotNull @Valid ProgressionForm progression) {}

    /** What a yard made, as a file: {@code own-work.json}. What was put away is not in it. */
    record OwnFile(
            @NotNull @Size(max = OwnWorks.MOST_EXERCISES) List<@NotNull @Valid ExerciseOfFile> exercises,
            @NotNull @Size(max = OwnWorks.MOST_PROGRESSIONS) List<@NotNull @Valid ProgressionOfFile> progressions) {}

    /** What taking in an item would do. */
    enum Effect {
        ADDS,
        CHANGES,
        IS_THERE,
        CANNOT
    }

    /** @param issues why it cannot be taken in; empty when it can */
    record ItemOfImport(String id, String name, Effect effect, List<Issue> issues) {}

    /** @param isDone it was taken in, and not only looked at */
    record ImportView(boolean isDone, List<ItemOfImport> exercises, List<ItemOfImport> progressions) {}

    OwnFile file() {
        return new OwnFile(
                own.all(OwnItem.Kind.EXERCISE, OwnForm.class).stream()
                        .filter(i -> !i.isPutAway())
                        .map(i -> new ExerciseOfFile(i.id(), i.body()))
                        .toList(),
                own.all(OwnItem.Kind.PROGRESSION, ProgressionForm.class).stream()
                        .filter(i -> !i.isPutAway())
                        .map(i -> new ProgressionOfFile(i.id(), i.body()))
                        .toList());
    }

    /** What taking this in would do, and does unless it is only looked at. */
    ImportView take(OwnFile file, boolean isPreview, Instant at) {
        OwnWorks.Change look = works.change(at);
        List<ItemOfImport> exercises = file.exercises().stream()
                .map(e -> item(
                        e.id(),
                        e.exercise().name(),
                        look.exercise(e.id()),
                        e.exercise(),
                        look.tried(e.id(), e.exercise(), false)))
                .toList();
        List<ItemOfImport> progressions = file.progressions().stream()
                .map(p -> item(
                        p.id(),
                        p.progression().name(),
                        look.progression(p.id()),
                        p.progression(),
                        look.tried(p.id(), p.progression(), false)))
                .toList();
        if (!isPreview) {
            refuseAny(exercises, progressions);
            OwnWorks.Change change = works.change(at);
            file.exercises().forEach(e -> change.keep(e.id(), version(change.exercise(e.id())), e.exercise(), false));
            file.progressions()
                    .forEach(p -> change.keep(p.id(), version(change.progression(p.id())), p.progression(), false));
            change.end();
        }
        return new ImportView(!isPreview, exercises, progressions);
    }

    private static <T> ItemOfImport item(
            String id, String name, Optional<OwnItem<T>> before, T form, List<Issue> issues) {
        return new ItemOfImport(id, name, effect(before, form, issues), issues);
    }

    private static <T> int version(Optional<OwnItem<T>> before) {
        return before.map(OwnItem::version).orElse(0);
    }

    private static void refuseAny(List<ItemOfImport> exercises, List<ItemOfImport> progressions) {
        List<Issue> all = Stream.concat(at("exercises", exercises), at("progressions", progressions))
                .toList();
        if (!all.isEmpty()) {
            throw Problem.refused(all);
        }
    }

    private static Stream<Issue> at(String list, List<ItemOfImport> items) {
        List<Issue> all = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            for (Issue issue : items.get(i).issues()) {
                all.add(new Issue(issue.code(), "%s[%d].%s".formatted(list, i, issue.path()), issue.expected()));
            }
        }
        return all.stream();
    }

    private static <T> Effect effect(Optional<OwnItem<T>> before, T form, List<Issue> issues) {
        if (!issues.isEmpty()) {
            return Effect.CANNOT;
        }
        return before.map(b -> b.body().equals(form) && !b.isPutAway() ? Effect.IS_THERE : Effect.CHANGES)
                .orElse(Effect.ADDS);
    }
}
