package strophos.server.homework;

import java.time.Instant;
import java.util.UUID;
import strophos.core.homework.Assignment;

/**
 * An assignment as kept.
 *
 * @param rung the rung it was set for
 * @param endedAt null while it runs
 */
record StoredAssignment(
        UUID id, UUID pair, UUID lesson, String rung, Assignment assignment, Instant setAt, Instant endedAt) {}
