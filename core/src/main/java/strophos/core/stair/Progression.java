package strophos.core.stair;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The rungs of a strand from the foot up. They may need rungs of other strands, and go back to them.
 *
 * <p>Gaits open in the order halt, walk, trot, canter and places in the order rail, circle, across: a rung must need,
 * itself or through others, the same exercise at every earlier gait and place it has.
 *
 * @throws IllegalArgumentException when a rung stands twice, or needs or goes back to one of its own strand that does not stand
 *     below it, or when a gait or place is passed over
 */
public record Progression(String strand, List<Rung> rungs) {

    public Progression {
        rungs = List.copyOf(rungs);
        Set<RungId> own = rungs.stream().map(Rung::id).collect(Collectors.toSet());
        Set<RungId> below = new HashSet<>();
        Map<RungId, Set<RungId>> allUnder = new HashMap<>();
        for (Rung rung : rungs) {
            for (RungId need : rung.needs()) {
                refuseIfAbove(own, below, rung, need, "needs");
            }
            rung.wayBack().ifPresent(back -> refuseIfAbove(own, below, rung, back, "goes back to"));
            if (!below.add(rung.id())) {
                throw new IllegalArgumentException("Rung %s stands twice in the stair.".formatted(rung.id()));
            }
            Set<RungId> under = new HashSet<>(rung.needs());
            rung.needs().forEach(need -> under.addAll(allUnder.getOrDefault(need, Set.of())));
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

    private static void refuseIfAbove(Set<RungId> own, Set<RungId> below, Rung rung, RungId other, String does) {
        if (own.contains(other) && !below.contains(other)) {
            throw new IllegalArgumentException("Rung %s %s %s, which does not stand below it; maybe the order is wrong."
                    .formatted(rung.id(), does, other));
        }
    }

    /** The rung of this id; empty when it stands in another strand or none. */
    public Optional<Rung> find(RungId id) {
        return rungs.stream().filter(r -> r.id().equals(id)).findFirst();
    }
}
