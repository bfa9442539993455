package strophos.core.state;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.SideSummary;
import strophos.core.record.Answer;
import strophos.core.record.Answers;
import strophos.core.record.Counts;
import strophos.core.record.Observations;
import strophos.core.record.Ride;
import strophos.core.stair.RungId;

/**
 * What a lesson gave on one rung, rein and side with one rider, counted.
 *
 * @param key its side is the one that the segment names, where the exercise leaves it open; else none
 * @param answers by strength (1 to 4), and within it by response in the order of its words: {@value #ANSWERS} counts
 * @param tallied of tallies: by strength, and within it good, then others: {@value #TALLIED} counts
 * @param slips asks that the rider got wrong and knows it; they are in no other count
 * @param released asks after which the rider let go, in time or late; {@code releaseMissed} those after which not
 * @param corrected errors that were corrected; {@code letPass} those that were let pass
 * @param observed things observed beside the asks
 * @param measured things that a sensor or a clip told
 */
public record LessonCount(
        Key key,
        List<Integer> answers,
        List<Integer> tallied,
        int slips,
        int released,
        int releaseMissed,
        int corrected,
        int letPass,
        int observed,
        int measured) {

    static final int ANSWERS = 20;
    static final int TALLIED = 8;

    /** What is counted apart. */
    public record Key(RungId rung, Rein rein, Side side, Mounted mounted) {}

    public LessonCount {
        answers = List.copyOf(answers);
        tallied = List.copyOf(tallied);
        if (answers.size() != ANSWERS || tallied.size() != TALLIED) {
            throw new IllegalArgumentException(
                    "Answers are counted by 4 strengths and 5 responses, tallies by 4 strengths and 2, not in %d and %d."
                            .formatted(answers.size(), tallied.size()));
        }
    }

    public int count(Strength strength, Response response) {
        return answers.get(place(strength, response));
    }

    /** In tallies, at this strength. */
    public int tallied(Strength strength, boolean isGood) {
        return tallied.get(place(strength, isGood));
    }

    /** All there were, those in tallies among them. */
    public int asks() {
        return Stream.concat(answers.stream(), tallied.stream())
                .mapToInt(n -> n)
                .sum();
    }

    public int yes() {
        int yes = 0;
        for (Strength s : Strength.values()) {
            yes += count(s, Response.YES) + tallied(s, true);
        }
        return yes;
    }

    /** The levels of all asks added up, 1 to 4 each. */
    public int strengths() {
        int sum = 0;
        for (Strength s : Strength.values()) {
            int here = tallied(s, true) + tallied(s, false);
            for (Response r : Response.values()) {
                here += count(s, r);
            }
            sum += s.level() * here;
        }
        return sum;
    }

    /** Several counts of rungs that work this side, together; those on other sides are passed over. */
    public static SideSummary summary(Side side, WorkedSide works, Collection<LessonCount> counts) {
        int[][] answers = new int[Strength.values().length][Response.values().length];
        int[][] tallied = new int[Strength.values().length][2];
        for (LessonCount c : counts) {
            if (works.on(c.key().rein(), c.key().side()) == side) {
                c.addTo(answers, tallied);
            }
        }
        return SideSummary.ofCounts(side, answers, tallied);
    }

    private void addTo(int[][] byStrength, int[][] talliedByStrength) {
        for (Strength s : Strength.values()) {
            for (Response r : Response.values()) {
                byStrength[s.ordinal()][r.ordinal()] += count(s, r);
            }
            talliedByStrength[s.ordinal()][0] += tallied(s, true);
            talliedByStrength[s.ordinal()][1] += tallied(s, false);
        }
    }

    private static int place(Strength strength, boolean isGood) {
        return 2 * strength.ordinal() + (isGood ? 0 : 1);
    }

    private static int place(Strength strength, Response response) {
        return strength.ordinal() * Response.values().length + response.ordinal();
    }

    /** By its entries alone. */
    public static List<LessonCount> of(Ride ride) {
        return of(ride, List.of());
    }

    /**
     * A lesson's counts, in the order in which each was first ridden.
     *
     * @param measured what sensors and strides marked on clips tell of it
     */
    public static List<LessonCount> of(Ride ride, List<Observations.RungObservation> measured) {
        Map<String, Key> keys = new HashMap<>();
        ride.segments().forEach(s -> keys.put(s.id(), key(s)));
        Map<String, String> segmentOf = new HashMap<>();
        Map<Key, Counting> counting = new LinkedHashMap<>();
        for (Answer a : Answers.of(ride)) {
            at(counting, keys.get(a.segment())).add(a);
        }
        ride.exchanges().forEach(x -> segmentOf.put(x.id(), x.segment()));
        Answers.slips(ride).forEach(slip -> at(counting, keys.get(segmentOf.get(slip))).slips++);
        for (Ride.Mark m : ride.marks()) {
            Counts.release(m.said(), r -> r).ifPresent(r -> {
                Counting here = at(counting, keys.get(segmentOf.get(r.exchange())));
                here.released += r.release() == Release.MISSED ? 0 : 1;
                here.releaseMissed += r.release() == Release.MISSED ? 1 : 0;
            });
            Counts.consistency(m.said(), c -> c).ifPresent(c -> {
                Counting here = at(counting, keys.get(c.segment()));
                here.corrected += c.made() ? 1 : 0;
                here.letPass += c.made() ? 0 : 1;
            });
        }
        // how many there were, whatever side they were on
        Observations.of(ride, rung -> WorkedSide.NEITHER).forEach(o -> at(counting, keys.get(o.segment())).observed++);
        measured.forEach(o -> at(counting, keys.get(o.segment())).measured++);
        List<LessonCount> counts = new ArrayList<>();
        counting.forEach((key, c) -> counts.add(c.counted(key)));
        return counts;
    }

    private static Key key(Ride.Segment s) {
        return new Key(s.rung(), s.rein(), s.side(), s.mounted());
    }

    private static Counting at(Map<Key, Counting> counting, Key key) {
        return counting.computeIfAbsent(key, k -> new Counting());
    }

    /** Being counted. */
    private static final class Counting {
        private final int[] answers = new int[ANSWERS];
        private final int[] tallied = new int[TALLIED];
        private int slips;
        private int released;
        private int releaseMissed;
        private int corrected;
        private int letPass;
        private int observed;
        private int measured;

        void add(Answer a) {
            if (a instanceof Answer.Touch touch) {
                answers[place(touch.strength(), touch.response())]++;
            } else if (a instanceof Answer.Count count) {
                tallied[place(count.strength(), true)] += count.good();
                tallied[place(count.strength(), false)] += count.others();
            }
        }

        LessonCount counted(Key key) {
            return new LessonCount(
                    key,
                    Arrays.stream(answers).boxed().toList(),
                    Arrays.stream(tallied).boxed().toList(),
                    slips,
                    released,
                    releaseMissed,
                    corrected,
                    letPass,
                    observed,
                    measured);
        }
    }
}
