package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.exchange.Better;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.server.contract.CanBeNull;
import strophos.server.homework.AssignmentView;

/**
 * What the coach chose to show of a lesson.
 *
 * @param think the one thing to think of; null where none was said
 * @param homework as it stands now; empty where it is not shown, or none runs
 */
record RiderPageView(
        UUID lesson,
        UUID pair,
        UUID horseId,
        String rider,
        String horse,
        Instant at,
        List<BetterView> better,
        @CanBeNull String think,
        List<AssignmentView> homework,
        List<DebriefView.VoiceItem> voices) {

    /** What got better, and how. */
    record BetterView(String name, Gait gait, Place place, Better better) {}

    /** A page there is. */
    record PageLine(UUID lesson, UUID pair, String rider, String horse, Instant at) {}
}
