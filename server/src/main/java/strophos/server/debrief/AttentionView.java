package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;

/**
 * Who in the yard wants a thought, a line each.
 *
 * @param needsHelp help was decided on, and nothing else since
 * @param standsStill of the pairs of today
 * @param quiet longest first
 */
record AttentionView(List<NeedsHelp> needsHelp, List<StandsStill> standsStill, List<Quiet> quiet) {

    /** A pair by name. */
    record PairLine(UUID pair, String rider, String horse) {}

    record NeedsHelp(PairLine of, String name, Gait gait, Place place, Instant since) {}

    /** On one side or, with none named, on both: its rate stands still over so many lessons where it does not do yet. */
    record StandsStill(PairLine of, String name, Gait gait, Place place, WorkedSide works, Side side, int lessons) {}

    /** Neither a lesson for so long nor one planned. */
    record Quiet(PairLine of, Instant lastLessonAt) {}
}
