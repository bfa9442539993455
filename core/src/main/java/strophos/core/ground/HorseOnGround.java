package strophos.core.ground;

import java.util.OptionalInt;
import strophos.core.bend.Bend;
import strophos.core.exchange.Side;

/**
 * What the ground must suit.
 *
 * @param heightM at the withers, in [0.6, 2.2]
 * @param backM from poll to dock along the spine, above 0
 * @param evenLeftM the smallest circle on which it stays even to the left, across; empty when not known, 0 when on none
 */
public record HorseOnGround(double heightM, double backM, OptionalInt evenLeftM, OptionalInt evenRightM) {

    /** From left to right foot as a share of the height (common practice, no source): 0.30 m at 1.60 m. */
    static final double FEET_APART_PER_HEIGHT = 0.19;

    /** Nobody looked at its circles. */
    public static HorseOnGround ofHeight(int heightCm) {
        return new HorseOnGround(heightCm / 100.0, Bend.lengthM(heightCm), OptionalInt.empty(), OptionalInt.empty());
    }

    OptionalInt evenM(Side side) {
        return side == Side.LEFT ? evenLeftM : evenRightM;
    }

    double feetApartM() {
        return FEET_APART_PER_HEIGHT * heightM;
    }
}
