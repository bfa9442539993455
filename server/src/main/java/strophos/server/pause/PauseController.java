package strophos.server.pause;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;
import strophos.core.pause.HorseState;
import strophos.core.pause.StopSign;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.contract.Names;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** Horses that are not simply ridden, answers to them, what riders say at once, and whom to call. */
@RestController
@RequestMapping("/api/v1")
class PauseController {

    /** Days and years that are believed. */
    private static final LocalDate FIRST = LocalDate.of(2000, 1, 1);

    private static final LocalDate LAST = LocalDate.of(2100, 12, 31);

    private final Safety safety;
    private final Clock clock;

    PauseController(Safety safety, Clock clock) {
        this.safety = safety;
        this.clock = clock;
    }

    /** The gaits a horse can be cleared for. */
    enum Fastest {
        WALK,
        TROT,
        CANTER
    }

    /**
     * An answer; the id is made by the caller.
     *
     * @param whom who was called or has cleared it, with {@code name} and {@code onDay}; null when it keeps resting
     * @param mayHandWalk the vet agreed to hand-walking
     * @param fastest the fastest gait it is cleared for; null when nothing limits it
     * @param untilDay the last day of the limits; null until another answer
     */
    record NewAnswer(
            @NotNull UUID id,
            @NotNull PauseAnswer.Kind kind,
            @CanBeNull PauseAnswer.ContactRole whom,
            @Size(max = 80) @CanBeNull String name,
            @CanBeNull LocalDate onDay,
            @NotNull Boolean mayHandWalk,
            @CanBeNull Fastest fastest,
            @Min(5) @Max(180) @CanBeNull Integer minutes,
            @CanBeNull LocalDate untilDay,
            @Size(max = 600) @CanBeNull String words) {

        List<Issue> issues() {
            List<Issue> issues = new ArrayList<>();
            boolean saysWho = kind != PauseAnswer.Kind.KEEP_RESTING;
            if (saysWho && whom == null) {
                issues.add(new Issue("missing", "whom", "who was called, or has looked"));
            }
            if (saysWho && (name == null || name.isBlank())) {
                issues.add(new Issue("missing", "name", "the name of who was called, or has looked"));
            }
            if (saysWho && onDay == null) {
                issues.add(new Issue("missing", "onDay", "the day"));
            }
            if (isOut(onDay)) {
                issues.add(new Issue("out_of_range", "onDay", "a day from 2000 to 2100"));
            }
            if (isOut(untilDay)) {
                issues.add(new Issue("out_of_range", "untilDay", "a day from 2000 to 2100"));
            }
            boolean hasLimits = fastest != null || minutes != null || untilDay != null;
            if (hasLimits && kind != PauseAnswer.Kind.CLEARED) {
                issues.add(new Issue("form", "kind", "limits only where the horse is cleared"));
            }
            if (untilDay != null && fastest == null && minutes == null) {
                issues.add(new Issue("missing", "fastest", "a gait or minutes, where there is a last day"));
            }
            return issues;
        }

        /** Nobody was called or has looked in days to come, nor looked at what was seen only later. */
        List<Issue> daysOff(HorseState state, LocalDate today) {
            List<Issue> issues = new ArrayList<>();
            boolean saysWho = kind != PauseAnswer.Kind.KEEP_RESTING;
            if (saysWho && onDay.isAfter(today)) {
                issues.add(new Issue(
                        "out_of_range",
                        "onDay",
                        "a day on which somebody looked or was called: today (" + today + ") at the latest"));
            }
            if (kind == PauseAnswer.Kind.CLEARED) {
                state.lastSeen()
                        .filter(onDay::isBefore)
                        .ifPresent(seen -> issues.add(new Issue(
                                "out_of_range",
                                "onDay",
                                "a day on which somebody looked: not before the last stop sign (" + seen + ")")));
            }
            if (untilDay != null && untilDay.isBefore(today)) {
                issues.add(new Issue("out_of_range", "untilDay", "a last day: not before today (" + today + ")"));
            }
            return issues;
        }

        private static boolean isOut(LocalDate day) {
            return day != null && (day.isBefore(FIRST) || day.isAfter(LAST));
        }

        PauseAnswer answer(UUID horse, Optional<HorseState.TimeOff> rest, Instant at) {
            boolean saysWho = kind != PauseAnswer.Kind.KEEP_RESTING;
            return new PauseAnswer(
                    id,
                    horse,
                    kind,
                    saysWho ? whom : null,
                    saysWho ? Names.kept(name) : null,
                    saysWho ? onDay : null,
                    mayHandWalk && kind != PauseAnswer.Kind.CLEARED,
                    fastest == null ? null : Gait.of(fastest.name()),
                    minutes,
                    untilDay,
                    words == null || words.isBlank() ? null : words.strip(),
                    rest.map(HorseState.TimeOff::from).orElse(null),
                    rest.map(HorseState.TimeOff::clearedOn).orElse(null),
                    "",
                    at);
        }
    }

    /** A stop sign as a rider's device saw it; the id is made by the device. */
    record NewStopSign(
            @NotNull UUID id,
            @NotNull UUID pair,
            @NotNull UUID author,
            @NotNull Instant at,
            @NotNull StopSign sign,
            @NotNull Side side) {}

    record NewStopSigns(@NotNull @Size(max = 100) List<@NotNull @Valid NewStopSign> signs) {}

    record SignAnswers(List<Safety.SignAnswer> answers) {}

    /** A number to call. */
    record NewContact(
            @NotNull ContactKind kind,
            @NotBlank @Size(max = 80) String name,

            @NotBlank @Size(max = 40) @Pattern(regexp = "[0-9+()/ .-]{2,40}")
            String phone) {}

    /** @param horse null for the yard's own numbers; all there were are replaced */
    record NewContacts(
            @CanBeNull UUID horse, @NotNull @Size(max = 20) List<@NotNull @Valid NewContact> contacts) {}

    @GetMapping("/safety")
    @Needs(Action.SEE_PAIRS)
    Safety.SafetyView safety() {
        return safety.view(clock.instant());
    }

    @PostMapping("/horses/{id}/pause-answers")
    @Needs(Action.ANSWER_PAUSE)
    @ResponseStatus(HttpStatus.CREATED)
    Safety.SafetyView answer(@PathVariable UUID id, @Valid @RequestBody NewAnswer wanted) {
        List<Issue> issues = wanted.issues();
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        return safety.answer(id, wanted, clock.instant());
    }

    @PostMapping("/stop-signs")
    @Needs(Action.PRACTISE)
    SignAnswers take(@Valid @RequestBody NewStopSigns signs) {
        return new SignAnswers(safety.take(signs.signs(), clock.instant()));
    }

    @PostMapping("/stop-signs/{id}/take-back")
    @Needs(Action.PRACTISE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID id) {
        safety.takeBack(id, clock.instant());
    }

    @PutMapping("/contacts")
    @Needs(Action.EDIT_PAIR)
    Safety.SafetyView contacts(@Valid @RequestBody NewContacts wanted) {
        safety.replaceContacts(
                wanted.horse(),
                wanted.contacts().stream()
                        .map(c -> new Contact(
                                wanted.horse(),
                                c.kind(),
                                Names.kept(c.name()),
                                c.phone().strip()))
                        .toList());
        return safety.view(clock.instant());
    }
}
