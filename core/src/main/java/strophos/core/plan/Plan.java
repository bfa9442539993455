package strophos.core.plan;

import java.util.List;
import strophos.core.exchange.Rein;
import strophos.core.look.FocusKind;
import strophos.core.stair.RungId;

/**
 * A lesson's plan.
 *
 * @param blocks in order; empty when nothing is ridden
 * @param beforeS first look and walking in, in seconds
 * @param afterS long rein and stretch at the end, in seconds
 * @param later what there is no room for today
 */
public record Plan(
        String book,
        List<FocusKind> focus,
        List<Block> blocks,
        int beforeS,
        int afterS,
        List<PlanNote> notes,
        List<Later> later) {

    /** What stays for another day: something the look found, or the rung that comes next. */
    public sealed interface Later {

        /** Found beside the day's one or two things. */
        record OfLook(FocusKind focus) implements Later {}

        /** Being learnt, and not in this plan. */
        record OfStair(RungId rung) implements Later {}
    }

    public Plan {
        focus = List.copyOf(focus);
        blocks = List.copyOf(blocks);
        notes = List.copyOf(notes);
        later = List.copyOf(later);
    }

    public int workS() {
        return blocks.stream().mapToInt(b -> b.time().seconds()).sum();
    }

    public int restS() {
        return blocks.stream().mapToInt(Block::restS).sum();
    }

    public int secondsOn(Rein rein) {
        return blocks.stream().mapToInt(b -> b.time().secondsOn(rein)).sum();
    }

    public int totalS() {
        return beforeS + workS() + restS() + afterS;
    }
}
