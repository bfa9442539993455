package strophos.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The same shoulder is heavy on both reins: natural crookedness; or the neck twists as the quarters are asked over, which says
 * as well that the shoulders come first.
 */
public record ShouldersRow() implements FocusRow {

    @Override
    public String id() {
        return "focus.shoulders";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.SHOULDERS;
    }

    @Override
    public int threshold() {
        return -1;
    }

    @Override
    public Outcome judge(FirstLook look) {
        List<Mark> seen = new ArrayList<>();
        look.shoulder().ifPresent(s -> seen.add(new Mark("SHOULDER", String.valueOf(s))));
        look.neckTwists().ifPresent(t -> seen.add(new Mark("NECK_TWISTS", String.valueOf(t))));
        // which shoulder it is on each rein was looked at, though it is none for this row
        look.shoulderInside().ifPresent(i -> seen.add(new Mark("SHOULDER_INSIDE", String.valueOf(i))));
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.SHOULDERS);
        }
        return isCrooked(look) ? new Outcome.Present(seen) : new Outcome.Clear(seen);
    }

    static boolean isCrooked(FirstLook look) {
        boolean isHeavy = look.shoulder().orElse(0) != 0 && look.shoulderBoth().orElse(false);
        return isHeavy || look.neckTwists().orElse(false);
    }

    @Override
    public Optional<StationTicks> at(FirstLook look) {
        return look.shouldersAt();
    }
}
