package strophos.core.plait;

import static org.assertj.core.api.Assertions.assertThat;
import static strophos.core.plait.EventKind.Sort.ANSWER;
import static strophos.core.plait.EventKind.Sort.CONTACT;
import static strophos.core.plait.EventKind.Sort.FAULT;
import static strophos.core.plait.EventKind.Sort.SIGN;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;

class MeetingsTest {

    private final List<Bead> beads = new ArrayList<>();

    private static EventKind kind(EventKind.Sort sort, String name) {
        return new EventKind(sort, name, Side.NONE);
    }

    private void add(EventKind.Sort sort, String name, double fromS, double toS, int segment) {
        beads.add(new Bead(
                "e" + beads.size(), kind(sort, name), Math.round(fromS * 1000), Math.round(toS * 1000), segment, true));
    }

    private void add(EventKind.Sort sort, String name, double atS) {
        add(sort, name, atS, atS, 0);
    }

    private List<Meeting> meetings() {
        beads.sort(Comparator.comparingLong(Bead::fromMs));
        return Meetings.of(new Plait(0, 3_600_000, List.of(), List.of(), beads));
    }

    private Meeting meeting(EventKind one, EventKind other) {
        return meetings().stream()
                .filter(m -> m.one().equals(one) && m.other().equals(other))
                .findFirst()
                .orElseThrow();
    }

    /** Rules 7: from 5 s before the answer until it, never after it; a fault that lasts reaches from its end. */
    @Test
    void whatTheRiderDidMeetsTheAnswerThatFollowsAndNeverOneBefore() {
        add(FAULT, "leg-back", 10);
        add(ANSWER, "BRACE", 15);
        add(ANSWER, "BRACE", 15.1);
        add(FAULT, "leg-back", 16);
        add(FAULT, "leg-back", 30, 60, 0);
        add(ANSWER, "BRACE", 65);
        Meeting met = meeting(kind(FAULT, "leg-back"), kind(ANSWER, "BRACE"));
        assertThat(met.ones()).isEqualTo(3);
        assertThat(met.onesMet()).isEqualTo(2);
        assertThat(met.others()).isEqualTo(3);
        assertThat(met.othersMet()).isEqualTo(2);
        assertThat(met.beads()).containsExactly(0, 1, 4, 5);
        assertThat(met.adjusted()).isEmpty();
    }

    /** Of one strand either may come first. */
    @Test
    void twoOfOneStrandMeetWhicheverComesFirst() {
        add(SIGN, "tail-swishes", 10);
        add(ANSWER, "YES", 6);
        add(ANSWER, "YES", 14.9);
        add(ANSWER, "YES", 15.1);
        Meeting met = meeting(kind(ANSWER, "YES"), kind(SIGN, "tail-swishes"));
        assertThat(met.onesMet()).isEqualTo(2);
        assertThat(met.othersMet()).isEqualTo(1);
    }

    /** Four segments of ten answers, in each three braces at other places; all but one with the leg back, and one YES in ten: it is said. */
    @Test
    void whatIsPlantedIsFound() {
        List<List<Integer>> braces = List.of(List.of(0, 3, 4), List.of(2, 6, 9), List.of(1, 5, 6), List.of(3, 7, 8));
        for (int segment = 0; segment < 4; segment++) {
            for (int i = 0; i < 10; i++) {
                double at = 600 * segment + 40 * i;
                boolean isBrace = braces.get(segment).contains(i);
                add(ANSWER, isBrace ? "BRACE" : "YES", at, at, segment);
                boolean isMissed = segment == 2 && i == 5;
                if (isBrace ? !isMissed : i == 9 - segment) {
                    add(FAULT, "leg-back", at - 2, at - 2, segment);
                }
            }
        }
        Meeting met = meeting(kind(FAULT, "leg-back"), kind(ANSWER, "BRACE"));
        assertThat(met.others()).isEqualTo(12);
        assertThat(met.othersMet()).isEqualTo(11);
        assertThat(met.adjusted().orElseThrow()).isLessThanOrEqualTo(Meetings.OFTENER_AT);
        assertThat(meeting(kind(FAULT, "leg-back"), kind(ANSWER, "YES"))
                        .adjusted()
                        .orElseThrow())
                .isGreaterThan(0.5);
    }

    /** All faults and all braces lie in the second of two segments, by chance within it: it is the segment, and no meeting. */
    @Test
    void whatIsTrueOfAWholeSegmentProvesNothing() {
        for (int i = 0; i < 20; i++) {
            add(ANSWER, "YES", 60 * i, 60 * i, 0);
        }
        for (int i = 20; i < 40; i++) {
            add(ANSWER, i % 5 == 0 ? "YES" : "BRACE", 60 * i, 60 * i, 1);
            add(FAULT, "leg-back", 60 * i - 1, 60 * i - 1, 1);
        }
        assertThat(meeting(kind(FAULT, "leg-back"), kind(ANSWER, "BRACE"))
                        .adjusted()
                        .orElseThrow())
                .isEqualTo(1);
    }

    /** Against counting each with each. */
    @Test
    void countsAsOneWouldByLayingEachBesideEach() {
        SplittableRandom random = new SplittableRandom(7);
        for (int round = 0; round < 200; round++) {
            beads.clear();
            for (int i = 0; i < 60; i++) {
                double from = random.nextInt(600);
                double to = random.nextInt(4) == 0 ? from + random.nextInt(90) : from;
                EventKind.Sort sort = List.of(FAULT, CONTACT, ANSWER, SIGN).get(random.nextInt(4));
                add(sort, "k" + random.nextInt(2), from, to, random.nextInt(3));
            }
            for (Meeting met : meetings()) {
                boolean isBefore =
                        met.one().strand() != Strand.HORSE && met.other().strand() == Strand.HORSE;
                List<Bead> ones = of(met.one());
                List<Bead> others = of(met.other());
                assertThat(met.onesMet()).isEqualTo((int) ones.stream()
                        .filter(a -> others.stream().anyMatch(b -> isNear(a, b, isBefore)))
                        .count());
                assertThat(met.othersMet()).isEqualTo((int) others.stream()
                        .filter(b -> ones.stream().anyMatch(a -> isNear(a, b, isBefore)))
                        .count());
            }
        }
    }

    private static boolean isNear(Bead one, Bead other, boolean isBefore) {
        return one.toMs() >= other.fromMs() - 5_000 && one.fromMs() <= other.toMs() + (isBefore ? 0 : 5_000);
    }

    private List<Bead> of(EventKind kind) {
        return beads.stream().filter(b -> b.kind().equals(kind)).toList();
    }

    /**
     * A thousand lessons in which nothing has to do with anything, with runs of good and bad and with faults noted when an ask was:
     * in at most 5 of 100 anything is said to meet oftener than by chance (three standard errors above: 7.1).
     */
    @Test
    void chanceIsSaidToBeMoreNoOftenerThanStated() {
        SplittableRandom random = new SplittableRandom(20_261_129);
        long said = IntStream.range(0, 1_000).filter(i -> isSaidOfNoise(random)).count();
        assertThat(said).isLessThanOrEqualTo(71);
    }

    private boolean isSaidOfNoise(SplittableRandom random) {
        beads.clear();
        boolean isGood = true;
        for (int i = 0; i < 60; i++) {
            double at = 30 * i + random.nextInt(20);
            // a good or a bad spell lasts some asks
            isGood = random.nextInt(5) == 0 ? random.nextBoolean() : isGood;
            String answer = random.nextInt(10) < (isGood ? 8 : 3)
                    ? "YES"
                    : List.of("BRACE", "TRY").get(random.nextInt(2));
            add(ANSWER, answer, at, at, i / 15);
            for (String fault : List.of("leg-back", "looks-down", "hands-high")) {
                if (random.nextInt(4) == 0) {
                    add(FAULT, fault, at - random.nextInt(4), at, i / 15);
                }
            }
            if (random.nextInt(6) == 0) {
                add(CONTACT, "HEAVY", at - 2, at - 2, i / 15);
            }
        }
        return meetings().stream().anyMatch(Meeting::isOftener);
    }
}
