package strophos.server.ride;

import java.util.UUID;
import strophos.core.record.Ride;

/**
 * A lesson on whose clips something was marked.
 *
 * @param atMs when it began, in milliseconds since 1970 UTC
 * @param ride what of it bears on its clips, and what was ridden
 */
public record MarkedLesson(UUID id, long atMs, Ride ride) {}
