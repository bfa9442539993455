package strophos.core.homework;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/**
 * The nearest rung that a rider may practise alone: the rung itself, else the way back and what it needs, from the nearest
 * down. Empty when nothing below it can be.
 */
public final class NearestAlone {

    private NearestAlone() {}

    /**
     * @param find the rung of an id; empty for one that is not in the library
     * @param isAlone needs nobody beside the rider
     */
    public static Optional<Rung> of(Rung rung, Function<RungId, Optional<Rung>> find, Predicate<Rung> isAlone) {
        Deque<Rung> next = new ArrayDeque<>(Set.of(rung));
        Set<RungId> seen = new HashSet<>(Set.of(rung.id()));
        while (!next.isEmpty()) {
            Rung at = next.remove();
            if (isAlone.test(at)) {
                return Optional.of(at);
            }
            at.wayBack().filter(seen::add).flatMap(find).ifPresent(next::add);
            at.needs().stream()
                    .sorted(java.util.Comparator.comparing(RungId::toString))
                    .filter(seen::add)
                    .flatMap(id -> find.apply(id).stream())
                    .forEach(next::add);
        }
        return Optional.empty();
    }
}
