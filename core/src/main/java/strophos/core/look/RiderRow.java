package strophos.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** The rider as a whole, or seat, tension or breath alone, scores at or under the threshold. */
public record RiderRow(int threshold) implements FocusRow {

    @Override
    public String id() {
        return "focus.rider";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.RIDER;
    }

    @Override
    public Outcome judge(FirstLook look) {
        List<Mark> seen = new ArrayList<>();
        boolean fires = score("RIDER", look.rider(), seen)
                | score("SEAT", look.seat(), seen)
                | score("TENSION", look.tension(), seen)
                | score("BREATH", look.breath(), seen);
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.RIDER);
        }
        return fires ? new Outcome.Present(seen) : new Outcome.Clear(seen);
    }

    private boolean score(String name, OptionalInt score, List<Mark> seen) {
        score.ifPresent(s -> seen.add(new Mark(name, String.valueOf(s))));
        return score.isPresent() && score.getAsInt() <= threshold;
    }
}
