package strophos.core.stair;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The rungs of a strand from the foot up.
 *
 * <p>Gaits open in the order halt, walk, trot, canter and places in the order rail, circle, across: a rung must need,
 * itself or through others, the same exercise at every earlier gait and place it has.
 *
 * @throws IllegalArgumentException when a rung stands twice, or needs or goes back to a rung that does not stand below
 *     it (with every need below, no cycle is possible), or when a gait or place is passed over
 */
public record Progression(String strand, List<Rung> rungs) {

    public Progression {
        rungs = List.copyOf(rungs);
        Set<RungId> below = new HashSet<>();
        Map<RungId, Set<RungId>> allUnder = new HashMap<>();
        for (Rung rung : rungs) {
            for (RungId need : rung.needs()) {
                refuseUnlessBelow(below, rung, need, "needs");
            }
            rung.wayBack().ifPresent(back -> refuseUnlessBelow(below, rung, back, "goes back to"));
            if (!below.add(rung.id())) {
                throw new IllegalArgumentException("Rung %s stands twice in the stair.".formatted(rung.id()));
            }
            Set<RungId> under = new HashSet<>(rung.needs());
            rung.needs().forEach(need -> under.addAll(allUnder.get(need)));
            allUnder.put(rung.id(), under);
        }
        refuseIfPassedOver(allUnder);
    }

    private static void refuseIfPassedOver(Map<RungId, Set<RungId>> allUnder) {
        for (RungId rung : allUnder.keySet()) {
            for (RungId earlier : allUnder.keySet()) {
                if (isEarlier(earlier, rung) && !allUnder.get(rung).contains(earlier)) {
                    throw new IllegalArgumentException(
                            "Rung %s does not need %s, its earlier gait or place; maybe a need is missing."
                                    .formatted(rung, earlier));
                }
            }
        }
    }

    /** The same exercise, no later in gait and place, and not the same. */
    private static boolean isEarlier(RungId a, RungId b) {
        return a.exercise().equals(b.exercise())
                && !a.equals(b)
                && a.gait().compareTo(b.gait()) <= 0
                && a.place().compareTo(b.place()) <= 0;
    }

    private static void refuseUnlessBelow(Set<RungId> below, Rung rung, RungId other, String does) {
        if (!below.contains(other)) {
            throw new IllegalArgumentException("Rung %s %s %s, which does not stand below it; maybe the order is wrong."
                    .formatted(rung.id(), does, other));
        }
    }

    /** All that this rung needs, itself and through others, from the foot up; empty for one that stands in another strand. */
    public List<RungId> under(RungId id) {
        Set<RungId> all = new HashSet<>();
        List<Rung> down = new ArrayList<>(rungs);
        Collections.reverse(down);
        for (Rung rung : down) {
            if (rung.id().equals(id) || all.contains(rung.id())) {
                all.addAll(rung.needs());
            }
        }
        return rungs.stream().map(Rung::id).filter(all::contains).toList();
    }

    /** The rung of this id; empty when it stands in another strand or none. */
    public Optional<Rung> find(RungId id) {
        return rungs.stream().filter(r -> r.id().equals(id)).findFirst();
    }
}
