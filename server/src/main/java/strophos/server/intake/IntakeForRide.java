package strophos.server.intake;

import java.util.List;
import strophos.server.contract.CanBeNull;

/**
 * What must be known beside the pad; null where nobody has asked.
 *
 * @param fears the horse's
 * @param ownGait of a gaited horse, by its name
 * @param head where the ears are to be carried
 * @param unwanted gaits this horse is not to use
 */
public record IntakeForRide(
        @CanBeNull String fears,
        @CanBeNull String sightAndHearing,
        @CanBeNull String ownGait,
        @CanBeNull PairIntake.HeadHeight head,
        List<PairIntake.UnwantedGait> unwanted) {

    /** Of a pair nobody has met. */
    public static final IntakeForRide NOTHING = new IntakeForRide(null, null, null, null, List.of());
}
