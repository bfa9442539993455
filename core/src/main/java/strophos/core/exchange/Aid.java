package strophos.core.exchange;

import java.util.Optional;

/**
 * One aid of an ask.
 *
 * @param side of the rider's body; NONE: both sides, or of no side
 * @param foot the foot it is tied to
 */
public record Aid(Means means, Side side, Optional<Manner> manner, Optional<Foot> foot) {

    /** Most aids of one ask. */
    public static final int MOST = 4;
}
