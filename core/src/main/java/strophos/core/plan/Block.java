package strophos.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Side;
import strophos.core.stair.RungId;

/**
 * One exercise of a plan.
 *
 * @param restS rest in it, in seconds: after each round and before the next block
 * @param meant the side to work where the exercise leaves it open and something says which; else none
 * @param wayBack the easier rung to go to when it fails; empty at the foot
 * @param isLocked the coach holds its minutes: others are fitted round it
 * @param circleM the circle across, in metres; empty when it is not ridden on one
 */
public record Block(
        RungId rung,
        Role role,
        ReinTime time,
        int restS,
        Side meant,
        Optional<RungId> wayBack,
        OptionalInt circleM,
        boolean isLocked,
        List<Reason> reasons) {

    /** What a block is for. */
    public enum Role {
        /** In hand, before anybody mounts. */
        GROUND,
        WAY_IN,
        /** About four asks of the second thing before the main one is ridden: did that help? */
        PROBE,
        MAIN,
        SECOND,
        /** About four asks of the main thing once more. */
        TEST,
        LAST;

        /** A few asks to see how it stands; not worked on. */
        public boolean isMeasure() {
            return this == PROBE || this == TEST;
        }
    }

    public Block {
        reasons = List.copyOf(reasons);
    }
}
