package strophos.server.ground;

import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import strophos.core.ground.HorseOnGround;
import strophos.core.stride.Pace;
import strophos.core.stride.StrideOfHorse;

/**
 * A horse with its rider, as the ground must suit it.
 *
 * @param heightCm empty where nobody has said
 * @param evenLeftM the smallest circle on which it stays even to the left; empty where nobody looked, 0 where on none
 * @param strides those that are known, by gait
 */
public record HorseHere(
        UUID pair,
        String horse,
        String rider,
        OptionalInt heightCm,
        OptionalInt evenLeftM,
        OptionalInt evenRightM,
        Map<Pace, StrideOfHorse> strides) {

    HorseOnGround onGround() {
        HorseOnGround usual = HorseOnGround.ofHeight(heightCm.orElse((int) (100 * Pace.USUAL_HEIGHT_M)));
        return new HorseOnGround(usual.heightM(), usual.backM(), evenLeftM, evenRightM);
    }
}
