package strophos.server.look;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
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
import strophos.core.look.FocusKind;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;

/** What the first look makes of a lesson. The look itself is an entry of the lesson's log. */
@RestController
@RequestMapping("/api/v1/lessons/{id}")
@Transactional
class LookController {

    private final Looks looks;
    private final Clock clock;

    LookController(Looks looks, Clock clock) {
        this.looks = looks;
        this.clock = clock;
    }

    /**
     * Null where there is none: no look yet, so no focus; no choice against it.
     *
     * @param look as in the payload of a first look, with null for a check that was not made
     */
    record LookView(
            Lesson lesson,
            @CanBeNull Map<String, Object> look,
            @CanBeNull FocusView focus,
            @CanBeNull FocusChoice choice) {}

    /** What the coach works on; the id is made by the caller, so that repeating it does nothing. */
    record NewChoice(
            @NotNull UUID id,
            @NotEmpty @Size(max = 2) List<@NotNull FocusKind> chosen,
            @Size(max = 400) @CanBeNull String reason) {}

    @GetMapping("/look")
    @Needs(Action.SEE_LOOK)
    LookView look(@PathVariable UUID id) {
        return view(id);
    }

    @PostMapping("/focus")
    @Needs(Action.CHOOSE_FOCUS)
    @ResponseStatus(HttpStatus.CREATED)
    LookView choose(@PathVariable UUID id, @Valid @RequestBody NewChoice wanted) {
        looks.choose(id, wanted.id(), wanted.chosen(), wanted.reason(), clock.instant());
        return view(id);
    }

    private LookView view(UUID id) {
        Looks.OfLesson of = looks.of(id);
        return new LookView(
                of.lesson(),
                of.looked().map(StoredLook::checks).orElse(null),
                of.focus().map(FocusView::of).orElse(null),
                of.choice().orElse(null));
    }
}
