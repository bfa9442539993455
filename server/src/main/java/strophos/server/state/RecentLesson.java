package strophos.server.state;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import strophos.core.record.EarlierMark;
import strophos.core.record.HelpWord;
import strophos.core.record.Probes;
import strophos.core.stair.RungId;

/**
 * A lesson that was ridden.
 *
 * @param own asks of the pair's own rider, by rung
 * @param asked the rungs on which anybody was
 * @param seen what was marked in it
 * @param asks what its own rider was asked by single touches, in order; of each its rung, strength and answer
 * @param words what the coach said to have helped
 */
public record RecentLesson(
        UUID id,
        Instant beganAt,
        Map<RungId, Integer> own,
        Set<RungId> asked,
        List<EarlierMark> seen,
        List<Probes.RungAsk> asks,
        List<HelpWord> words) {}
