package strophos.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The inside shoulder is the heavy one on both reins, which is balance or the rider's inside hand; or the horse leans on the hand. */
public record ContactRow(int threshold) implements FocusRow {

    @Override
    public String id() {
        return "focus.contact";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.CONTACT;
    }

    @Override
    public Outcome judge(FirstLook look) {
        List<Mark> seen = new ArrayList<>();
        look.shoulderInside().ifPresent(i -> seen.add(new Mark("SHOULDER_INSIDE", String.valueOf(i))));
        look.hand().ifPresent(h -> seen.add(new Mark(Check.HAND.name(), String.valueOf(h))));
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.HAND);
        }
        boolean leans = look.hand().isPresent() && look.hand().getAsInt() <= threshold;
        return leans || look.shoulderInside().orElse(false) ? new Outcome.Present(seen) : new Outcome.Clear(seen);
    }

    @Override
    public Optional<StationTicks> at(FirstLook look) {
        return look.shoulderInside().orElse(false) ? look.shouldersAt() : Optional.empty();
    }
}
