package strophos.server.cue;

import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.server.contract.CanBeNull;

/**
 * A cue of the pair's book that is in use.
 *
 * @param gait null when it holds in any
 */
public record CueForRide(
        UUID id, String signal, String meaning, @CanBeNull Gait gait) {}
