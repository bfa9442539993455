package strophos.core.plait;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import strophos.core.stats.BenjaminiHochberg;

/**
 * Where two kinds of event meet. What the rider does and how the rein feels meets what the horse gives when it lies from 5 s before it to that
 * moment, and never after it: the horse's break moves the rider too (rules 7). Any other two meet within 5 s, whichever comes
 * first.
 *
 * <p>Whether they meet oftener than by chance: the other kind's places among the events of its strand are turned round like a
 * ring, each segment's by itself, and it is counted how often as many meet. So what is true of a whole segment (more faults, fewer good answers) proves
 * nothing, nor that both were noted when the coach looked up, and runs of a kind stay runs. Turns are drawn until ten bring as many (Besag and
 * Clifford 1991, sequential Monte Carlo p-values; from memory), adjusted for all that are tested in the lesson (Benjamini and
 * Hochberg 1995). Found together is never found as a cause.
 */
public final class Meetings {

    /** How far apart in time two events meet, in milliseconds (rules 7). */
    public static final long WITHIN_MS = 5_000;

    /** Of each kind, to be tested (rules 7: four with and four without). */
    public static final int FEWEST = 4;

    /** Up to which adjusted value they are said to meet oftener than by chance. */
    public static final double OFTENER_AT = 0.05;

    private static final int AS_MANY = 10;
    private static final int MOST_TURNS = 4_999;
    private static final long SEED = 5_000;

    private final List<Bead> beads;
    private final Map<Strand, List<Integer>> strands = new EnumMap<>(Strand.class);
    private final Map<EventKind, List<Integer>> byKind = new TreeMap<>(EventKind.FROM_THE_TOP);

    private Meetings(List<Bead> beads) {
        this.beads = beads;
        for (int i = 0; i < beads.size(); i++) {
            Bead b = beads.get(i);
            if (b.isOwn() && b.kind().sort().hasMoment()) {
                strands.computeIfAbsent(b.kind().strand(), k -> new ArrayList<>())
                        .add(i);
                byKind.computeIfAbsent(b.kind(), k -> new ArrayList<>()).add(i);
            }
        }
    }

    /** Any two kinds that are in the lesson, of the pair's own rider, in order; also those that never meet. */
    public static List<Meeting> of(Plait plait) {
        return new Meetings(plait.beads()).all();
    }

    private List<Meeting> all() {
        List<EventKind> kinds = List.copyOf(byKind.keySet());
        List<Meeting> found = new ArrayList<>();
        List<Integer> tested = new ArrayList<>();
        List<Double> p = new ArrayList<>();
        for (int i = 0; i < kinds.size(); i++) {
            for (int j = i + 1; j < kinds.size(); j++) {
                EventKind one = kinds.get(i);
                EventKind other = kinds.get(j);
                boolean[] nearOne = near(one, strands.get(other.strand()), WITHIN_MS, afterMs(one, other));
                found.add(counted(one, other, nearOne));
                if (isTested(one, other)) {
                    tested.add(found.size() - 1);
                    p.add(chance(other, nearOne));
                }
            }
        }
        List<Double> adjusted = BenjaminiHochberg.adjusted(p);
        for (int i = 0; i < tested.size(); i++) {
            found.set(tested.get(i), found.get(tested.get(i)).with(adjusted.get(i)));
        }
        return found;
    }

    /** Two of one strand are not: the same touch cannot be both. */
    private boolean isTested(EventKind one, EventKind other) {
        return one.strand() != other.strand()
                && byKind.get(one).size() >= FEWEST
                && byKind.get(other).size() >= FEWEST;
    }

    /**
     * Which of these beads lie near one of a kind: it begins no later than so long after them, and ends no earlier than so long
     * before them. Both are in order of their beginning.
     */
    private boolean[] near(EventKind kind, List<Integer> places, long beforeMs, long afterMs) {
        boolean[] near = new boolean[beads.size()];
        List<Integer> ones = byKind.get(kind);
        // what lasts longest reaches furthest
        long longestMs = ones.stream()
                .mapToLong(i -> beads.get(i).toMs() - beads.get(i).fromMs())
                .max()
                .orElse(0);
        int from = 0;
        for (int at : places) {
            Bead b = beads.get(at);
            while (from < ones.size() && beads.get(ones.get(from)).fromMs() + longestMs + beforeMs < b.fromMs()) {
                from++;
            }
            for (int k = from; k < ones.size() && beads.get(ones.get(k)).fromMs() <= b.toMs() + afterMs; k++) {
                near[at] |= beads.get(ones.get(k)).toMs() >= b.fromMs() - beforeMs;
            }
        }
        return near;
    }

    /** How long after an event of the other kind one of the first still meets it. */
    private static long afterMs(EventKind one, EventKind other) {
        return isHeldAgainstTheAnswer(one, other) ? 0 : WITHIN_MS;
    }

    private static boolean isHeldAgainstTheAnswer(EventKind one, EventKind other) {
        return one.strand().compareTo(Strand.HORSE) < 0 && other.strand() == Strand.HORSE;
    }

    private Meeting counted(EventKind one, EventKind other, boolean[] nearOne) {
        List<Integer> ones = byKind.get(one);
        List<Integer> others = byKind.get(other);
        boolean[] nearOther = near(other, ones, afterMs(one, other), WITHIN_MS);
        List<Integer> onesMet = ones.stream().filter(i -> nearOther[i]).toList();
        List<Integer> othersMet = others.stream().filter(i -> nearOne[i]).toList();
        TreeSet<Integer> lit = new TreeSet<>(onesMet);
        lit.addAll(othersMet);
        return new Meeting(
                one,
                other,
                ones.size(),
                onesMet.size(),
                others.size(),
                othersMet.size(),
                List.copyOf(lit),
                OptionalDouble.empty());
    }

    /** One strand in one segment: of each of its events whether it is near one of a kind, and which of them are of the other. */
    private record Ring(boolean[] near, int[] of) {
        int met(int turn) {
            int met = 0;
            for (int i : of) {
                met += near[(i + turn) % near.length] ? 1 : 0;
            }
            return met;
        }
    }

    private double chance(EventKind other, boolean[] nearOne) {
        List<Ring> rings = rings(other, nearOne);
        int seen = rings.stream().mapToInt(r -> r.met(0)).sum();
        if (seen == 0) {
            return 1;
        }
        SplittableRandom random = new SplittableRandom(SEED);
        int asMany = 0;
        for (int turns = 1; turns <= MOST_TURNS; turns++) {
            int met = 0;
            for (Ring ring : rings) {
                met += ring.met(random.nextInt(ring.near().length));
            }
            asMany += met >= seen ? 1 : 0;
            if (asMany == AS_MANY) {
                return (double) AS_MANY / turns;
            }
        }
        return (asMany + 1.0) / (MOST_TURNS + 1);
    }

    private List<Ring> rings(EventKind other, boolean[] nearOne) {
        Map<Integer, List<Integer>> bySegment = new LinkedHashMap<>();
        for (int i : strands.get(other.strand())) {
            bySegment
                    .computeIfAbsent(beads.get(i).segment(), k -> new ArrayList<>())
                    .add(i);
        }
        return bySegment.values().stream()
                .map(places -> {
                    boolean[] near = new boolean[places.size()];
                    for (int i = 0; i < near.length; i++) {
                        near[i] = nearOne[places.get(i)];
                    }
                    int[] of = IntStream.range(0, near.length)
                            .filter(i -> beads.get(places.get(i)).kind().equals(other))
                            .toArray();
                    return new Ring(near, of);
                })
                .filter(r -> r.of().length > 0)
                .toList();
    }
}
