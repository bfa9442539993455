package strophos.core.look;

import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.bend.CircleSizes;

/**
 * One side of the horse, bent to that side.
 *
 * @param bend how readily it bends, in [0, 4]; empty when not looked at
 * @param place where it bends; empty when not looked at
 * @param evenCircleM the smallest circle on which it stays even, one of {@link CircleSizes#TRIED_M}; 0 when on none;
 *     empty when not looked at
 */
public record SideLook(OptionalInt bend, Optional<BendPlace> place, OptionalInt evenCircleM) {

    public static final SideLook NOT_LOOKED = new SideLook(OptionalInt.empty(), Optional.empty(), OptionalInt.empty());

    public SideLook {
        FirstLook.requireScore("bend", bend);
        if (evenCircleM.isPresent()
                && evenCircleM.getAsInt() != 0
                && !CircleSizes.TRIED_M.contains(evenCircleM.getAsInt())) {
            throw new IllegalArgumentException("The even circle (%d m) must be one of %s or 0 for none."
                    .formatted(evenCircleM.getAsInt(), CircleSizes.TRIED_M));
        }
    }
}
