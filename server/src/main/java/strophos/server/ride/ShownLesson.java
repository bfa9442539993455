package strophos.server.ride;

import java.time.Instant;
import java.util.UUID;

/** A lesson of which the rider is shown something. */
public record ShownLesson(UUID lesson, Instant at) {}
