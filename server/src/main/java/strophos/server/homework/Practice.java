package strophos.server.homework;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.homework.Feel;
import strophos.core.pause.StopSign;
import strophos.server.contract.CanBeNull;

/**
 * A practice as reported.
 *
 * @param step of the assignment, and its {@code rung}
 * @param leftS seconds on the left rein
 * @param leftGood good repeats of {@code leftCounted} on the left rein; both 0 when none were counted
 * @param question null when there is none
 * @param secondBest the second best was ridden
 * @param isTimeOdd its own time is not believed: {@code startedAt} is when it came in
 */
public record Practice(
        UUID id,
        UUID assignment,
        UUID author,
        int step,
        String rung,
        Instant startedAt,
        int leftS,
        int rightS,
        Feel feel,
        int leftGood,
        int leftCounted,
        int rightGood,
        int rightCounted,
        List<StopSign> stopSigns,
        @CanBeNull String question,
        boolean secondBest,
        boolean isTimeOdd) {}
