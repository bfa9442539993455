package strophos.core.stair;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the rungs of several progressions need of each other.
 *
 * @throws IllegalArgumentException when a rung needs or goes back to one that is in none of them, when rungs need each other in a
 *     circle, or when a way back leads to a rung that needs the one it leads away from
 */
public final class Needs {

    private final Map<RungId, Rung> rungs = new LinkedHashMap<>();
    /** Of each rung all that it needs, itself and through others, what is needed first at the front. */
    private final Map<RungId, List<RungId>> under = new HashMap<>();

    public Needs(List<Progression> progressions) {
        progressions.forEach(p -> p.rungs().forEach(r -> rungs.put(r.id(), r)));
        for (Rung rung : rungs.values()) {
            collect(rung, new ArrayList<>());
        }
        for (Rung rung : rungs.values()) {
            rung.wayBack().ifPresent(back -> refuseUnlessLower(rung, back));
        }
    }

    private List<RungId> collect(Rung rung, List<RungId> path) {
        List<RungId> known = under.get(rung.id());
        if (known != null) {
            return known;
        }
        if (path.contains(rung.id())) {
            throw new IllegalArgumentException(
                    "Rung %s needs itself, by way of %s.".formatted(rung.id(), path.get(path.size() - 1)));
        }
        path.add(rung.id());
        List<RungId> all = new ArrayList<>();
        for (RungId need : rung.needs().stream().sorted(BY_NAME).toList()) {
            collect(there(rung, need, "needs"), path).stream()
                    .filter(r -> !all.contains(r))
                    .forEach(all::add);
            if (!all.contains(need)) {
                all.add(need);
            }
        }
        path.remove(rung.id());
        under.put(rung.id(), List.copyOf(all));
        return all;
    }

    private static final java.util.Comparator<RungId> BY_NAME = java.util.Comparator.comparing(RungId::toString);

    private Rung there(Rung rung, RungId other, String does) {
        Rung there = rungs.get(other);
        if (there == null) {
            throw new IllegalArgumentException(
                    "Rung %s %s %s, which is in no strand; maybe it is misspelt.".formatted(rung.id(), does, other));
        }
        return there;
    }

    private void refuseUnlessLower(Rung rung, RungId back) {
        there(rung, back, "goes back to");
        if (back.equals(rung.id()) || under.get(back).contains(rung.id())) {
            throw new IllegalArgumentException(
                    "Rung %s goes back to %s, which is not lower: it needs this one.".formatted(rung.id(), back));
        }
    }

    /** All that this rung needs, itself and through others, what is needed first at the front; empty for an unknown one. */
    public List<RungId> of(RungId id) {
        return under.getOrDefault(id, List.of());
    }
}
