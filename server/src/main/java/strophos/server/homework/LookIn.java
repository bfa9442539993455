package strophos.server.homework;

import java.time.Instant;
import java.util.UUID;
import strophos.core.homework.Verdict;
import strophos.server.contract.CanBeNull;

/**
 * The coach's answer.
 *
 * @param advised what the rule said; null when a stop sign waited, which has no rule
 * @param sentence in the coach's words; null when none were given
 */
public record LookIn(
        UUID id,
        Verdict verdict,
        @CanBeNull Verdict advised,
        @CanBeNull String sentence,
        String by,
        Instant at) {}
