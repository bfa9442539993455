package strophos.core.plan;

import java.util.ArrayList;
import java.util.List;
import strophos.core.exchange.Rein;

/**
 * How a block's time lies on the two reins: turns on one rein and the other, beginning on the easier one.
 *
 * @param turns alternating; never empty
 */
public record ReinTime(List<Turn> turns) {

    /** Reins are shared out in steps of this many seconds, so that a clock can say them. */
    private static final int GRAIN_S = 10;

    /** From this much time on, each rein is ridden more than once: muscles cramp in long turns. */
    private static final int TWICE_FROM_S = 240;

    public ReinTime {
        turns = List.copyOf(turns);
        if (turns.isEmpty()) {
            throw new IllegalArgumentException("A block without a turn has no time; leave the block out.");
        }
    }

    /**
     * Shares time out.
     *
     * @param seconds of work, at least 60
     * @param stiffer gets the longer share; {@code NONE}: alike
     * @param stifferShare its share of the time, in [0.5, 2/3]: 60:40 by the standard, never beyond 2:1
     * @param capS longest turn without a change, at least 60
     */
    public static ReinTime of(int seconds, Rein stiffer, double stifferShare, int capS) {
        if (seconds < 60 || capS < 60) {
            throw new IllegalArgumentException(
                    "Time (%d s) and the longest turn (%d s) must be at least a minute.".formatted(seconds, capS));
        }
        int longer = stiffer == Rein.NONE
                ? seconds / 2 / GRAIN_S * GRAIN_S
                : (int) Math.round(seconds * stifferShare / GRAIN_S) * GRAIN_S;
        int shorter = stiffer == Rein.NONE ? longer : seconds / GRAIN_S * GRAIN_S - longer;
        int left = stiffer == Rein.LEFT ? longer : shorter;
        int right = stiffer == Rein.LEFT ? shorter : longer;
        Rein first = stiffer == Rein.LEFT ? Rein.RIGHT : Rein.LEFT;
        return alternating(left, right, first, seconds >= TWICE_FROM_S ? 2 : 1, capS);
    }

    /** These seconds on each rein, in turns no longer than the cap; one of them may be 0. */
    public static ReinTime alternating(int leftS, int rightS, int capS) {
        return alternating(leftS, rightS, Rein.LEFT, 1, capS);
    }

    private static ReinTime alternating(int leftS, int rightS, Rein first, int fewestRounds, int capS) {
        int rounds = Math.max(fewestRounds, (Math.max(leftS, rightS) + capS - 1) / capS);
        Rein second = first == Rein.LEFT ? Rein.RIGHT : Rein.LEFT;
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i < rounds; i++) {
            add(turns, first, part(first == Rein.LEFT ? leftS : rightS, rounds, i));
            add(turns, second, part(second == Rein.LEFT ? leftS : rightS, rounds, i));
        }
        return new ReinTime(turns);
    }

    private static void add(List<Turn> turns, Rein rein, int seconds) {
        if (seconds > 0) {
            turns.add(new Turn(rein, seconds));
        }
    }

    /** Part i of n nearly equal parts that add up to the whole. */
    private static int part(int whole, int n, int i) {
        return whole * (i + 1) / n - whole * i / n;
    }

    public int secondsOn(Rein rein) {
        return turns.stream()
                .filter(t -> t.rein() == rein)
                .mapToInt(Turn::seconds)
                .sum();
    }

    /** The rein with more time; {@code NONE} when alike. */
    public Rein longer() {
        int order = Integer.compare(secondsOn(Rein.LEFT), secondsOn(Rein.RIGHT));
        return order == 0 ? Rein.NONE : order > 0 ? Rein.LEFT : Rein.RIGHT;
    }

    public int seconds() {
        return turns.stream().mapToInt(Turn::seconds).sum();
    }

    public int longestTurnS() {
        return turns.stream().mapToInt(Turn::seconds).max().orElseThrow();
    }
}
