package strophos.core.stair;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The rungs of a strand from the foot up.
 *
 * @throws IllegalArgumentException when a rung stands twice, or needs or goes back to a rung that does not stand below
 *     it: with every need below, no cycle is possible
 */
public record Progression(String strand, List<Rung> rungs) {

    public Progression {
        rungs = List.copyOf(rungs);
        Set<RungId> below = new HashSet<>();
        for (Rung rung : rungs) {
            for (RungId need : rung.needs()) {
                refuseUnlessBelow(below, rung, need, "needs");
            }
            rung.wayBack().ifPresent(back -> refuseUnlessBelow(below, rung, back, "goes back to"));
            if (!below.add(rung.id())) {
                throw new IllegalArgumentException("Rung %s stands twice in the stair.".formatted(rung.id()));
            }
        }
    }

    private static void refuseUnlessBelow(Set<RungId> below, Rung rung, RungId other, String does) {
        if (!below.contains(other)) {
            throw new IllegalArgumentException("Rung %s %s %s, which does not stand below it; maybe the order is wrong."
                    .formatted(rung.id(), does, other));
        }
    }

    /** The rung of this id; empty when it stands in another strand or none. */
    public Optional<Rung> find(RungId id) {
        return rungs.stream().filter(r -> r.id().equals(id)).findFirst();
    }
}
