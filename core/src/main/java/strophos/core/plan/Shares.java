package strophos.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import strophos.core.homework.Feel;

/** How the work of a lesson is shared out among what was chosen for it. */
final class Shares {

    private static final Map<Block.Role, Double> WEIGHTS = Map.of(
            Block.Role.GROUND, 0.5,
            Block.Role.WAY_IN, 1.0,
            Block.Role.MAIN, 2.0,
            Block.Role.SECOND, 1.5,
            Block.Role.LAST, 0.75);

    /** In a very short lesson the first of these goes first; the main thing always stays. */
    private static final List<Block.Role> GOES_FIRST = List.of(
            Block.Role.LAST,
            Block.Role.PROBE,
            Block.Role.SECOND,
            Block.Role.TEST,
            Block.Role.WAY_IN,
            Block.Role.GROUND);

    /** In hand weighs as much as the main thing for a horse that was ridden today already. */
    private static final double PART_IN_HAND = 2;

    /** What the rider is stuck on gets this much more, what comes easily this much less. */
    private static final double STUCK = 1.25;

    private static final double EASY = 0.75;
    /** What is only suspected gets one exercise, not the day. */
    private static final double SUSPECTED = 0.5;

    static final int SHORTEST_BLOCK_S = 60;
    private static final int GRAIN_S = 30;

    private final int workS;

    Shares(int workS) {
        this.workS = workS;
    }

    /** What there is time for, in the same order. */
    List<Choice.Pick> fitting(List<Choice.Pick> picked) {
        List<Choice.Pick> all = new ArrayList<>(picked);
        while (all.size() > 1 && all.stream().mapToInt(Shares::leastS).sum() > workS) {
            all.stream()
                    .filter(p -> GOES_FIRST.contains(p.role()))
                    .min(Comparator.comparingInt(p -> GOES_FIRST.indexOf(p.role())))
                    .ifPresent(all::remove);
        }
        return all;
    }

    /** The work by weight, in half minutes; a block that had to be rounded up takes from the longest. */
    int[] seconds(List<Choice.Pick> picked) {
        int fixedS =
                picked.stream().filter(Shares::isFixed).mapToInt(Shares::leastS).sum();
        double all = picked.stream().mapToDouble(Shares::weight).sum();
        int[] seconds = picked.stream()
                .mapToInt(p -> Math.max(
                        leastS(p), isFixed(p) ? 0 : (int) ((workS - fixedS) * weight(p) / all) / GRAIN_S * GRAIN_S))
                .toArray();
        for (int over = Arrays.stream(seconds).sum() - workS; over > 0; over -= GRAIN_S) {
            int longest = 0;
            for (int i = 1; i < seconds.length; i++) {
                longest = seconds[i] > seconds[longest] ? i : longest;
            }
            seconds[longest] = Math.max(SHORTEST_BLOCK_S, seconds[longest] - GRAIN_S);
        }
        return seconds;
    }

    private static int leastS(Choice.Pick p) {
        return p.role().isMeasure() ? PlanRules.MEASURE_S : SHORTEST_BLOCK_S;
    }

    /** Never longer than it must be. */
    private static boolean isFixed(Choice.Pick p) {
        return p.role().isMeasure() || p.says(Reason.Code.ONE_EACH_SIDE);
    }

    private static double weight(Choice.Pick p) {
        if (isFixed(p)) {
            return 0;
        }
        double factor = p.rung()
                .report()
                .map(f -> f == Feel.NOT_YET ? STUCK : f == Feel.EASY ? EASY : 1)
                .orElse(1.0);
        double own = p.says(Reason.Code.PART_IN_HAND) ? PART_IN_HAND : WEIGHTS.get(p.role());
        return own * factor * (p.says(Reason.Code.SUSPECTED) ? SUSPECTED : 1);
    }
}
