package strophos.server.homework;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.homework.Verdict;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;

/** Homework set after a lesson, and the coach's answers to reports. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class HomeworkController {

    private final Homework homework;
    private final HomeworkProposals proposals;
    private final LookIns lookingIn;
    private final Clock clock;

    HomeworkController(Homework homework, HomeworkProposals proposals, LookIns lookingIn, Clock clock) {
        this.homework = homework;
        this.proposals = proposals;
        this.lookingIn = lookingIn;
        this.clock = clock;
    }

    /** Homework to be set; the id is made by the caller. */
    record NewAssignment(
            @NotNull UUID id,
            @NotBlank @Size(max = 100) String rung,
            @NotNull @Min(1) @Max(7) Integer daysAWeek) {}

    /** A programme to be set; the id is made by the caller. */
    record NewProgramme(
            @NotNull UUID id,
            @NotBlank @Size(max = 64) String progression,
            @NotNull @Min(1) @Max(7) Integer daysAWeek) {}

    /** An answer; the id is made by the caller. */
    record NewLookIn(
            @NotNull UUID id,
            @NotNull Verdict verdict,
            @Size(max = 600) @CanBeNull String sentence) {}

    @GetMapping("/lessons/{id}/homework")
    @Needs(Action.SEE_HOMEWORK)
    HomeworkProposals.HomeworkView homework(@PathVariable UUID id) {
        return proposals.view(id, clock.instant());
    }

    @PostMapping("/lessons/{id}/homework")
    @Needs(Action.SET_HOMEWORK)
    @ResponseStatus(HttpStatus.CREATED)
    HomeworkProposals.HomeworkView set(@PathVariable UUID id, @Valid @RequestBody NewAssignment wanted) {
        homework.set(id, wanted.id(), wanted.rung(), wanted.daysAWeek(), clock.instant());
        return proposals.view(id, clock.instant());
    }

    @PostMapping("/lessons/{id}/programmes")
    @Needs(Action.SET_HOMEWORK)
    @ResponseStatus(HttpStatus.CREATED)
    HomeworkProposals.HomeworkView set(@PathVariable UUID id, @Valid @RequestBody NewProgramme wanted) {
        homework.setProgramme(id, wanted.id(), wanted.progression(), wanted.daysAWeek(), clock.instant());
        return proposals.view(id, clock.instant());
    }

    @PostMapping("/assignments/{id}/end")
    @Needs(Action.SET_HOMEWORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID id) {
        homework.end(id, clock.instant());
    }

    @PostMapping("/assignments/{id}/look-ins")
    @Needs(Action.LOOK_IN)
    @ResponseStatus(HttpStatus.CREATED)
    AssignmentView lookIn(@PathVariable UUID id, @Valid @RequestBody NewLookIn wanted) {
        return lookingIn.answer(id, wanted.id(), wanted.verdict(), wanted.sentence(), clock.instant());
    }
}
