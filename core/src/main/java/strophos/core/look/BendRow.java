package strophos.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Side;

/**
 * It bends less to one side, or only at one place of the neck: fires when a side scores at or under {@code threshold},
 * when the sides differ by {@code difference} or more, or when a side does not bend evenly along the neck.
 */
public record BendRow(int threshold, int difference) implements FocusRow {

    @Override
    public String id() {
        return "focus.bend";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.BEND;
    }

    @Override
    public Outcome judge(FirstLook look) {
        List<Mark> seen = new ArrayList<>();
        boolean fires = side(look.bendLeft(), look.placeLeft(), Side.LEFT, seen)
                | side(look.bendRight(), look.placeRight(), Side.RIGHT, seen);
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.BEND);
        }
        fires |= stiffer(look, difference) != Side.NONE;
        return fires ? new Outcome.Present(seen) : new Outcome.Clear(seen);
    }

    private boolean side(OptionalInt bend, Optional<BendPlace> place, Side name, List<Mark> seen) {
        bend.ifPresent(b -> seen.add(new Mark("BEND_" + name, String.valueOf(b))));
        place.ifPresent(p -> seen.add(new Mark("PLACE_" + name, p.name())));
        return (bend.isPresent() && bend.getAsInt() <= threshold)
                || place.filter(p -> p != BendPlace.EVEN).isPresent();
    }

    @Override
    public Optional<StationTicks> at(FirstLook look) {
        return look.bendAt();
    }

    /** The side to which it bends less by at least this much; {@code NONE} when alike or not looked at. */
    static Side stiffer(FirstLook look, int difference) {
        OptionalInt left = look.bendLeft();
        OptionalInt right = look.bendRight();
        if (left.isEmpty() || right.isEmpty() || Math.abs(left.getAsInt() - right.getAsInt()) < difference) {
            return Side.NONE;
        }
        return left.getAsInt() < right.getAsInt() ? Side.LEFT : Side.RIGHT;
    }
}
