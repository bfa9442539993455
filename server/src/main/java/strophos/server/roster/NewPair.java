package strophos.server.roster;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import strophos.core.school.School;
import strophos.server.contract.CanBeNull;
import strophos.server.contract.Names;

/**
 * A rider and a horse that begin together; either may be known here already.
 *
 * @param riderId of a rider of this yard; null for a new one
 * @param horseId of a horse of this yard, which others ride too; null for a new one
 * @param heightCm at the withers; null when not measured
 * @param goal in the rider's words; null when not asked yet
 * @param id of the pair, where the caller made it: said twice, it is said once. Null: one is made here
 * @param newRiderId of a rider who begins here, where the caller made it; null likewise
 * @param newHorseId of a horse that begins here, where the caller made it; null likewise
 */
public record NewPair(
        @NotBlank @Size(max = 80) String rider,
        @NotBlank @Size(max = 80) String horse,
        @Size(max = 200) @CanBeNull String description,
        @Min(60) @Max(220) @CanBeNull Integer heightCm,
        @NotNull School school,
        @Size(max = 400) @CanBeNull String goal,
        @CanBeNull UUID riderId,
        @CanBeNull UUID horseId,
        @CanBeNull UUID id,
        @CanBeNull UUID newRiderId,
        @CanBeNull UUID newHorseId) {

    public NewPair {
        rider = Names.kept(rider);
        horse = Names.kept(horse);
    }
}
