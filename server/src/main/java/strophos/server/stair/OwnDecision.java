package strophos.server.stair;

import java.util.Optional;
import strophos.core.progress.Decision;

/**
 * What one coach decided, and what came of it.
 *
 * @param adviceAfter on the same rung, the next time it was decided on after another lesson; empty where it was not
 */
public record OwnDecision(String ruleId, Decision chosen, Decision advised, Optional<Decision> adviceAfter) {}
