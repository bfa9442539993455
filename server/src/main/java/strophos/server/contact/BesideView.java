package strophos.server.contact;

import java.time.Instant;
import java.util.List;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.server.contract.CanBeNull;

/**
 * An earlier day beside a lesson.
 *
 * @param startedAt of the earlier day
 * @param recordings what it looked like
 * @param rows what was measured on both days, in the order of this lesson
 */
record BesideView(Instant startedAt, List<DrawnView> recordings, List<RowView> rows) {

    record DrawnView(String name, double seconds, double rateHz, ContactView.OverviewView overview) {}

    /** One exercise on one rein; a rein is null where either day has too little of it. */
    record RowView(
            String exercise,
            Gait gait,
            Place place,
            Rein rein,
            @CanBeNull DifferenceView left,
            @CanBeNull DifferenceView right) {}

    /**
     * Of one of the two reins in hand.
     *
     * @param earlierKg mean level; {@code laterKg} of this lesson
     * @param low of the difference, 95 %; {@code high} its other end
     */
    record DifferenceView(double earlierKg, double laterKg, double low, double high) {}
}
