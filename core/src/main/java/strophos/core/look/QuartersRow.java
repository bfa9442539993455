package strophos.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** An inside hind does not step under, and the shoulders are level: while they are not, they come first. */
public record QuartersRow(int threshold) implements FocusRow {

    @Override
    public String id() {
        return "focus.quarters";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.QUARTERS;
    }

    @Override
    public Outcome judge(FirstLook look) {
        List<Mark> seen = new ArrayList<>();
        boolean isShort = Sides.isAtMost(threshold, Check.HIND, look.hindLeft(), look.hindRight(), seen);
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.HIND);
        }
        return isShort && !ShouldersRow.isCrooked(look) ? new Outcome.Present(seen) : new Outcome.Clear(seen);
    }

    @Override
    public Optional<StationTicks> at(FirstLook look) {
        return look.hindAt();
    }
}
