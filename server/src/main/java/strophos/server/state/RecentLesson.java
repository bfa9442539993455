package strophos.server.state;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import strophos.core.record.EarlierMark;
import strophos.core.stair.RungId;

/**
 * A lesson that was ridden.
 *
 * @param own asks of the pair's own rider, by rung
 * @param asked the rungs on which anybody was
 * @param seen what was marked in it
 */
public record RecentLesson(
        UUID id, Instant beganAt, Map<RungId, Integer> own, Set<RungId> asked, List<EarlierMark> seen) {}
