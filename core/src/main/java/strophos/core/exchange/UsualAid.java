package strophos.core.exchange;

import java.util.Optional;

/**
 * An aid as an exercise describes it: by the inside and outside of the figure, which are resolved to left and right
 * before anything is stored.
 *
 * @param isOfInsideHind tied to the inside hind leaving the ground
 */
public record UsualAid(Means means, Where where, Strength strength, Manner manner, boolean isOfInsideHind) {

    /** Of the figure, never of the bend. */
    public enum Where {
        INSIDE,
        OUTSIDE,
        BOTH
    }

    /**
     * As it is given on this rein: on the left rein inside is left. Without a rein nothing has an inside, and the side
     * stays open.
     */
    public Aid on(Rein rein) {
        Optional<Foot> foot = switch (rein) {
            case LEFT -> Optional.of(Foot.LEFT_HIND);
            case RIGHT -> Optional.of(Foot.RIGHT_HIND);
            case NONE -> Optional.empty();
        };
        return new Aid(means, side(rein), Optional.of(manner), foot.filter(f -> isOfInsideHind));
    }

    private Side side(Rein rein) {
        if (where == Where.BOTH || rein == Rein.NONE) {
            return Side.NONE;
        }
        return (rein == Rein.LEFT) == (where == Where.INSIDE) ? Side.LEFT : Side.RIGHT;
    }
}
