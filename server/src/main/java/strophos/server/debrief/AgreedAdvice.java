package strophos.server.debrief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import strophos.core.progress.Decision;

/** The advice of a lesson that the coach goes with, as it stood on the screen. */
record AgreedAdvice(@NotEmpty @Size(max = 50) List<@Valid @NotNull OnRung> rungs) {

    /**
     * One rung's; the id is made by the caller, so that repeating it does nothing.
     *
     * @param seen the advice the coach had on the screen
     */
    record OnRung(
            @NotNull UUID id,
            @NotBlank @Size(max = 100) String rung,
            @NotNull Decision seen) {}

    List<NewDecision> wanted() {
        return rungs.stream()
                .map(r -> new NewDecision(r.id(), r.rung(), r.seen(), r.seen(), null))
                .toList();
    }
}
