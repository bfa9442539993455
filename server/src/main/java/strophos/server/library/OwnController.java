package strophos.server.library;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Problem;

/** A yard's own exercises and progressions, and what it shows beside an exercise. */
@RestController
@RequestMapping("/api/v1/library")
@Transactional
class OwnController {

    /** So many versions are told. */
    static final int VERSIONS = 20;

    private final OwnWorks works;
    private final OwnImport imports;
    private final OwnRepository own;
    private final Asides asides;
    private final Catalogue catalogue;
    private final Clock clock;

    OwnController(
            OwnWorks works, OwnImport imports, OwnRepository own, Asides asides, Catalogue catalogue, Clock clock) {
        this.asides = asides;
        this.works = works;
        this.imports = imports;
        this.own = own;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** An own exercise in its last version. */
    record OwnExerciseView(String id, int version, OwnForm exercise, boolean isPutAway, String by, Instant at) {
        static OwnExerciseView of(OwnItem<OwnForm> i) {
            return new OwnExerciseView(i.id(), i.version(), i.body(), i.isPutAway(), i.by(), i.at());
        }
    }

    /** An own progression in its last version. */
    record OwnProgressionView(
            String id, int version, ProgressionForm progression, boolean isPutAway, String by, Instant at) {
        static OwnProgressionView of(OwnItem<ProgressionForm> i) {
            return new OwnProgressionView(i.id(), i.version(), i.body(), i.isPutAway(), i.by(), i.at());
        }
    }

    /** All a yard made, in the order in which it was made. */
    record OwnView(List<OwnExerciseView> exercises, List<OwnProgressionView> progressions) {}

    /** Its versions, the last first. */
    record VersionsView(List<OwnExerciseView> versions) {}

    /** @param version the one that was changed; 0 for a new one */
    record NewExercise(
            @NotNull @Min(0) @Max(1_000_000) Integer version,
            @NotNull Boolean isPutAway,
            @NotNull @Valid OwnForm exercise) {}

    /** A new stage that is made with its progression. */
    record NewStage(
            @NotBlank @Size(max = 64) String id,
            @NotNull @Valid OwnForm exercise) {}

    /**
     * @param version the one that was changed; 0 for a new one
     * @param made stages that are new
     */
    record NewProgression(
            @NotNull @Min(0) @Max(1_000_000) Integer version,
            @NotNull Boolean isPutAway,
            @NotNull @Size(max = 12) List<@NotNull @Valid NewStage> made,
            @NotNull @Valid ProgressionForm progression) {}

    /** @param version the one that was changed; 0 where nothing was shown */
    record NewAside(
            @NotNull @Min(0) @Max(1_000_000) Integer version,
            @NotNull @Valid Aside aside) {}

    /** @param isPreview it is only looked at */
    record NewImport(
            @NotNull Boolean isPreview, @NotNull @Valid OwnImport.OwnFile file) {}

    @GetMapping("/own")
    @Needs(Action.SEE_PLAN)
    OwnView all() {
        return new OwnView(
                own.all(OwnItem.Kind.EXERCISE, OwnForm.class).stream()
                        .map(OwnExerciseView::of)
                        .toList(),
                own.all(OwnItem.Kind.PROGRESSION, ProgressionForm.class).stream()
                        .map(OwnProgressionView::of)
                        .toList());
    }

    @GetMapping("/own/{exercise}/versions")
    @Needs(Action.SEE_PLAN)
    VersionsView versions(@PathVariable String exercise) {
        List<OwnItem<OwnForm>> versions = own.versions(OwnItem.Kind.EXERCISE, exercise, OwnForm.class, VERSIONS);
        if (versions.isEmpty()) {
            throw Problem.notFound();
        }
        return new VersionsView(versions.stream().map(OwnExerciseView::of).toList());
    }

    /** Makes an exercise under an id the caller made, or changes it; repeated it does nothing. */
    @PutMapping("/own/{exercise}")
    @Needs(Action.MAKE_EXERCISES)
    OwnExerciseView save(@PathVariable String exercise, @Valid @RequestBody NewExercise wanted) {
        OwnWorks.Change change = works.change(clock.instant());
        change.keep(exercise, wanted.version(), wanted.exercise(), wanted.isPutAway());
        change.end();
        return own.find(OwnItem.Kind.EXERCISE, exercise, OwnForm.class)
                .map(OwnExerciseView::of)
                .orElseThrow();
    }

    /** Makes a progression, with the stages that are new, or changes it; repeated it does nothing. */
    @PutMapping("/progressions/{progression}")
    @Needs(Action.MAKE_EXERCISES)
    OwnProgressionView save(@PathVariable String progression, @Valid @RequestBody NewProgression wanted) {
        OwnWorks.Change change = works.change(clock.instant());
        wanted.made().forEach(s -> change.keep(s.id(), 0, s.exercise(), false));
        change.keep(progression, wanted.version(), wanted.progression(), wanted.isPutAway());
        change.end();
        return own.find(OwnItem.Kind.PROGRESSION, progression, ProgressionForm.class)
                .map(OwnProgressionView::of)
                .orElseThrow();
    }

    /** Shows a note, a link, a picture or a sound beside an exercise, wherever that is used. */
    @PutMapping("/{exercise}/aside")
    @Needs(Action.MAKE_EXERCISES)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void show(@PathVariable String exercise, @Valid @RequestBody NewAside wanted) {
        catalogue.exercise(exercise).orElseThrow(Problem::notFound);
        asides.refuseUnlessThere(wanted.aside());
        works.show(exercise, wanted.version(), wanted.aside(), clock.instant());
    }

    /** What a yard made, as a file for another. */
    @GetMapping("/own-work.json")
    @Needs(Action.SEE_PLAN)
    OwnImport.OwnFile file() {
        return imports.file();
    }

    @PostMapping("/imports")
    @Needs(Action.MAKE_EXERCISES)
    OwnImport.ImportView take(@Valid @RequestBody NewImport wanted) {
        return imports.take(wanted.file(), wanted.isPreview(), clock.instant());
    }
}
