package strophos.core.plan;

import java.util.Set;

/**
 * How an exercise stands to the ground.
 *
 * @param prepares the strands that it prepares before anybody mounts
 * @param isForAnyHorse it asks no more than a first look does: it needs no rung below it when it prepares
 * @param isMountedToo it is asked from the saddle as well
 */
public record InHand(Set<String> prepares, boolean isForAnyHorse, boolean isMountedToo) {

    public InHand {
        prepares = Set.copyOf(prepares);
    }
}
