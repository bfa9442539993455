package strophos.core.look;

import java.util.List;

/** The rider's arms or shoulders are tired after each ride: the stop, and what the horse wears in its mouth. */
public record ArmsRow() implements FocusRow {

    @Override
    public String id() {
        return "focus.arms";
    }

    @Override
    public FocusKind focus() {
        return FocusKind.STOP_BACK;
    }

    @Override
    public int threshold() {
        return -1;
    }

    @Override
    public Outcome judge(FirstLook look) {
        if (look.complaint().isEmpty()) {
            return new Outcome.Unchecked(Check.COMPLAINT);
        }
        Complaint said = look.complaint().get();
        List<Mark> what = List.of(new Mark(Check.COMPLAINT.name(), said.name()));
        return said == Complaint.ARMS_TIRED ? new Outcome.Present(what) : new Outcome.Clear(what);
    }
}
