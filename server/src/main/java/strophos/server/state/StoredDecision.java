package strophos.server.state;

import java.time.Instant;
import java.util.UUID;
import strophos.core.progress.Decision;

/** A decision as a state folds it; the rung may have left the catalogue since. */
public record StoredDecision(UUID id, UUID pair, UUID lesson, String rung, Decision chosen, Instant at) {}
