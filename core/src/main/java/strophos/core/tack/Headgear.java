package strophos.core.tack;

import java.util.Optional;
import java.util.Set;
import strophos.core.school.Settings;

/**
 * A kind of headgear.
 *
 * @param id as tack and lessons name it
 * @param presses where it always presses when the rein is taken
 * @param mayPress where it presses as well on some horses, by its fit or by the hand
 * @param curb a common size, where it is a lever; empty for all others
 * @param isForExperts for expert hands only
 */
public record Headgear(
        String id,
        Set<Pressure> presses,
        Set<Pressure> mayPress,
        HeadgearAction action,
        Optional<Curb> curb,
        boolean isForExperts) {

    private static final Set<Pressure> IN_THE_MOUTH =
            Set.of(Pressure.TONGUE, Pressure.BARS, Pressure.CORNERS, Pressure.PALATE);

    /** What it counts as where a coach settles in what a pair is taught; what makes more of the rein's pull is leverage, bit or not. */
    public Settings.Bit bit() {
        if (action != HeadgearAction.DIRECT) {
            return Settings.Bit.LEVERAGE;
        }
        return presses.stream().anyMatch(IN_THE_MOUTH::contains) ? Settings.Bit.SNAFFLE : Settings.Bit.BITLESS;
    }

    public Headgear {
        presses = Set.copyOf(presses);
        mayPress = Set.copyOf(mayPress);
        if (curb.isPresent() != (action == HeadgearAction.LEVER)) {
            throw new IllegalArgumentException("%s: a lever has a size, and nothing else has one.".formatted(id));
        }
        if (mayPress.stream().anyMatch(presses::contains)) {
            throw new IllegalArgumentException("%s: where it always presses it does not only sometimes.".formatted(id));
        }
    }
}
