package strophos.server.pair;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/**
 * The coach's word on a rung without a record; the id is made by the caller, so that repeating it does nothing.
 *
 * @param known it can do this already; else that is taken back
 */
public record NewPlacing(
        @NotNull UUID id,
        @NotBlank @Size(max = 100) String rung,
        @NotNull Boolean known) {}
