package strophos.server.intake;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import strophos.server.contract.CanBeNull;

/**
 * What is known of a rider, whatever they ride; null where nobody has asked.
 *
 * @param worries in the rider's words
 * @param ridesDays days a week really ridden
 */
public record RiderIntake(
        @Size(max = HorseIntake.TEXT) @CanBeNull String experience,
        @Size(max = HorseIntake.TEXT) @CanBeNull String worries,
        @Min(0) @Max(7) @CanBeNull Integer ridesDays) {

    static final RiderIntake EMPTY = new RiderIntake(null, null, null);
}
