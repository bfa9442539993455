package strophos.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import strophos.core.exchange.Rein;
import strophos.core.plan.Block;

/**
 * A block as the coach wants it.
 *
 * @param seconds of work
 * @param longer the rein that gets the longer share; {@code NONE}: alike
 */
public record WantedBlock(
        @NotBlank @Size(max = 100) String rung,
        @NotNull Block.Role role,
        @NotNull @Min(60) @Max(3600) Integer seconds,
        @NotNull Rein longer) {}
