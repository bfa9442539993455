package strophos.server.stair;

import java.time.Instant;
import java.util.UUID;
import strophos.core.progress.Decision;
import strophos.server.contract.CanBeNull;

/** @param reason the coach's words; null when none were given */
public record PastDecision(
        UUID id,
        UUID pair,
        UUID lesson,
        String rung,
        Decision chosen,
        Decision advised,
        String ruleId,
        String ruleBook,
        @CanBeNull String reason,
        String by,
        Instant at) {}
