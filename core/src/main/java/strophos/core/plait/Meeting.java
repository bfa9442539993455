package strophos.core.plait;

import java.util.List;
import java.util.OptionalDouble;

/**
 * Two kinds of event, and where they meet.
 *
 * @param one of the strand further up; of one strand the earlier by name
 * @param ones all of the first kind
 * @param onesMet those that meet one of the other
 * @param others all of the other kind
 * @param othersMet those that meet one of the first
 * @param beads those that meet, by their place in the plait
 * @param adjusted how often chance would bring as many, for all that were tested in the lesson; empty where there are too few to test
 */
public record Meeting(
        EventKind one,
        EventKind other,
        int ones,
        int onesMet,
        int others,
        int othersMet,
        List<Integer> beads,
        OptionalDouble adjusted) {

    public Meeting {
        beads = List.copyOf(beads);
    }

    /** They meet oftener than chance would bring, all tests of the lesson counted. */
    public boolean isOftener() {
        return adjusted.isPresent() && adjusted.getAsDouble() <= Meetings.OFTENER_AT;
    }

    Meeting with(double p) {
        return new Meeting(one, other, ones, onesMet, others, othersMet, beads, OptionalDouble.of(p));
    }
}
