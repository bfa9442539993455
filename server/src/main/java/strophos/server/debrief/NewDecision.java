package strophos.server.debrief;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import strophos.core.progress.Decision;
import strophos.server.contract.CanBeNull;

/**
 * A decision on a rung; the id is made by the caller, so that repeating it does nothing.
 *
 * @param seen the advice the coach had on the screen
 * @param reason the coach's words; null when none were given
 */
public record NewDecision(
        @NotNull UUID id,
        @NotBlank @Size(max = 100) String rung,
        @NotNull Decision chosen,
        @NotNull Decision seen,
        @Size(max = 400) @CanBeNull String reason) {}
