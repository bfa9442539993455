package strophos.server.homework;

import java.time.Instant;
import java.util.UUID;
import strophos.core.homework.Assignment;

/**
 * An assignment as kept.
 *
 * @param rung the rung it was set for; of a programme its first stage
 * @param programme the name of the programme it was set from; null for other homework
 * @param endedAt null while it runs
 */
record StoredAssignment(
        UUID id,
        UUID pair,
        UUID lesson,
        String rung,
        String programme,
        Assignment assignment,
        Instant setAt,
        Instant endedAt) {}
