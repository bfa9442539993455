package strophos.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import strophos.core.exchange.Rein;
import strophos.core.plan.Block;
import strophos.core.plan.Plan;
import strophos.server.contract.CanBeNull;

/**
 * A block as the coach wants it.
 *
 * @param seconds of work
 * @param locked its minutes stay when others are fitted; null for no
 * @param longer the rein that gets the longer share; {@code NONE}: alike
 */
public record WantedBlock(
        @NotBlank @Size(max = 100) String rung,
        @NotNull Block.Role role,
        @NotNull @Min(60) @Max(3600) Integer seconds,
        @NotNull Rein longer,
        @CanBeNull Boolean locked) {

    /** A plan's blocks, as they would be kept. */
    static List<WantedBlock> of(Plan plan) {
        return plan.blocks().stream()
                .map(b -> new WantedBlock(
                        b.rung().toString(),
                        b.role(),
                        b.time().seconds(),
                        b.time().longer(),
                        b.isLocked() ? true : null))
                .toList();
    }
}
