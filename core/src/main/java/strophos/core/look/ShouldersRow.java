package strophos.core.look;

import java.util.List;
import java.util.OptionalInt;

/**
 * The same shoulder is heavy on both reins: natural crookedness. (The inside shoulder heavy on both reins is balance, or
 * the rider's inside hand, and no row of this book.)
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
        OptionalInt seen = look.shoulder();
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.SHOULDERS);
        }
        List<Mark> what = List.of(new Mark("SHOULDER", String.valueOf(seen.getAsInt())));
        boolean isOnBoth = look.shoulderBoth().orElse(false);
        return seen.getAsInt() != 0 && isOnBoth ? new Outcome.Present(what) : new Outcome.Clear(what);
    }
}
