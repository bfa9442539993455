package strophos.core.tack;

import java.util.Optional;
import java.util.Set;

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
