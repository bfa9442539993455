package strophos.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Jaw and poll give to one side at or under the threshold. */
public record JawRow(int threshold) implements FocusRow {

    @Override
    public String id() {
        return "focus.jaw";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.JAW;
    }

    @Override
    public Outcome judge(FirstLook look) {
        List<Mark> seen = new ArrayList<>();
        boolean fires = Sides.isAtMost(threshold, Check.JAW, look.jawLeft(), look.jawRight(), seen);
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.JAW);
        }
        return fires ? new Outcome.Present(seen) : new Outcome.Clear(seen);
    }

    @Override
    public Optional<StationTicks> at(FirstLook look) {
        return look.jawAt();
    }
}
