package strophos.core.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import strophos.core.arena.Arena;

/**
 * One ground for all that a group rides: everything stands where it is in nobody's way; where there is no such place, it is told what is
 * laid and taken away when.
 *
 * @param placed in the order in which they were asked for
 * @param noRoom ids of what finds no place while it is needed, as they were asked for
 */
public record MergedGround(List<Placed> placed, List<String> noRoom) {

    /** From and to, in seconds from the beginning of the lesson; from before to. */
    public record Span(int fromS, int toS) {

        public Span {
            if (fromS < 0 || toS <= fromS) {
                throw new IllegalArgumentException(
                        "A thing is ridden from one second to a later one, not from %d to %d.".formatted(fromS, toS));
            }
        }

        private boolean overlaps(Span other) {
            return fromS < other.toS && other.fromS < toS;
        }
    }

    /**
     * A thing that is needed.
     *
     * @param thing where it would stand by itself
     * @param uses when it is ridden, at least once
     */
    public record Need(String id, Thing thing, List<Span> uses) {

        public Need {
            uses = List.copyOf(uses);
            if (uses.isEmpty()) {
                throw new IllegalArgumentException("%s is needed at least once.".formatted(id));
            }
        }

        /** From its first use to its last: meanwhile it lies there. */
        private Span lies() {
            return new Span(
                    uses.stream().mapToInt(Span::fromS).min().orElseThrow(),
                    uses.stream().mapToInt(Span::toS).max().orElseThrow());
        }
    }

    /**
     * Where it stands.
     *
     * @param laidS when it is laid; empty: before the lesson
     * @param awayS when it is taken away; empty: after the lesson
     */
    public record Placed(String id, Thing thing, OptionalInt laidS, OptionalInt awayS) {}

    /**
     * Lines to ride stay where they are, and what lies and stands goes round them: the longest first, each as near as can be to where it
     * was asked for.
     *
     * @throws strophos.core.arena.FigureLeavesArena where a line cannot be ridden in this arena
     */
    public static MergedGround of(Arena arena, List<Need> needs) {
        List<Laid> laid = new ArrayList<>();
        List<String> noRoom = new ArrayList<>();
        needs.stream()
                .map(n -> new Laid(n, n.thing(), InTheWay.of(n.thing(), arena)))
                .sorted(Comparator.comparing((Laid l) -> !l.way().isOnlyRidden())
                        .thenComparing(l -> -l.way().ridden().getLength()))
                .forEach(l -> find(l.need(), arena, laid)
                        .ifPresentOrElse(laid::add, () -> noRoom.add(l.need().id())));
        Map<String, Placed> byId = new HashMap<>();
        laid.forEach(l -> byId.put(l.need().id(), l.placed(laid)));
        return new MergedGround(
                needs.stream()
                        .filter(n -> byId.containsKey(n.id()))
                        .map(n -> byId.get(n.id()))
                        .toList(),
                needs.stream().map(Need::id).filter(noRoom::contains).toList());
    }

    /** Where nothing must be moved for it, else where that can be done in time. */
    private static Optional<Laid> find(Need need, Arena arena, List<Laid> laid) {
        List<Laid> places = Elsewhere.of(need.thing(), arena).stream()
                .map(thing -> new Laid(need, thing, InTheWay.of(thing, arena)))
                .toList();
        Predicate<Laid> isFree = place -> laid.stream().noneMatch(l -> l.way().isOf(place.way()));
        return places.stream()
                .filter(isFree)
                .findFirst()
                .or(() -> places.stream()
                        .filter(place -> laid.stream().allMatch(place::canStandInTurnWith))
                        .findFirst());
    }

    private record Laid(Need need, Thing thing, InTheWay way) {

        boolean canStandInTurnWith(Laid other) {
            return !isInTheWayWhile(other) && !other.isInTheWayWhile(this);
        }

        private boolean isInTheWayWhile(Laid other) {
            return mustGiveWayTo(other) && other.need.uses().stream().anyMatch(need.lies()::overlaps);
        }

        private boolean mustGiveWayTo(Laid other) {
            return other.way.isBlockedBy(way) || way.liesOn(other.way);
        }

        Placed placed(List<Laid> all) {
            List<Span> others = all.stream()
                    .filter(other -> other != this && mustGiveWayTo(other))
                    .flatMap(other -> other.need.uses().stream())
                    .toList();
            Span lies = need.lies();
            boolean isWaitedFor = others.stream().anyMatch(s -> s.fromS() < lies.fromS());
            boolean isInTheWayLater = others.stream().anyMatch(s -> s.toS() > lies.toS());
            return new Placed(
                    need.id(),
                    thing,
                    isWaitedFor ? OptionalInt.of(lies.fromS()) : OptionalInt.empty(),
                    isInTheWayLater ? OptionalInt.of(lies.toS()) : OptionalInt.empty());
        }
    }
}
