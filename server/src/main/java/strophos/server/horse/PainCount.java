package strophos.server.horse;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A count of the twenty-four behaviours.
 *
 * @param seen by their ids
 */
public record PainCount(UUID id, List<String> seen, String by, Instant at) {}
