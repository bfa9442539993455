package strophos.core.state;

import java.util.List;
import strophos.core.progress.Sidedness;
import strophos.core.stair.RungId;

/**
 * What a pair's lessons say of one rung, as last judged.
 *
 * @param lessons lessons on it under the pair's own rider so far, at least 1
 * @param asks of the pair's own rider so far; 0 where something was only observed
 * @param lastLesson which of the pair's lessons it was ridden in last: 1 for the first
 * @param counts left, then right; or the whole, where the rung works no side
 * @param sides how the sides compare
 */
public record RungRecord(RungId rung, int lessons, int asks, int lastLesson, List<SideCount> counts, Sidedness sides) {

    public RungRecord {
        counts = List.copyOf(counts);
    }
}
