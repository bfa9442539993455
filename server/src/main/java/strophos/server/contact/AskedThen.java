package strophos.server.contact;

import java.time.Instant;
import java.util.UUID;

/**
 * An ask of a lesson that was measured.
 *
 * @param exercise what was ridden, and on which rein: only the like is compared
 */
record AskedThen(UUID lesson, UUID entry, Instant at, String exercise, boolean yes) {}
