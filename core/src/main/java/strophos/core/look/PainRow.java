package strophos.core.look;

import java.util.List;
import java.util.Optional;

/** Unlevel, a sudden refusal on one side, or signs of pain: nothing is ridden. A safety row: it cannot be overruled. */
public record PainRow() implements FocusRow {

    @Override
    public String id() {
        return "focus.pain";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.HELP_FIRST;
    }

    @Override
    public int threshold() {
        return -1;
    }

    @Override
    public Outcome judge(FirstLook look) {
        Optional<Soundness> seen = look.soundness();
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(Check.SOUNDNESS);
        }
        List<Mark> what = List.of(new Mark(Check.SOUNDNESS.name(), seen.get().name()));
        return Soundness.PAIN.contains(seen.get()) ? new Outcome.Present(what) : new Outcome.Clear(what);
    }
}
