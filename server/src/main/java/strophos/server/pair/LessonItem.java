package strophos.server.pair;

import java.time.Instant;
import java.util.UUID;
import strophos.server.contract.CanBeNull;

/** A lesson that was begun. */
record LessonItem(UUID id, Instant startedAt, @CanBeNull Instant endedAt, int exchanges, long leftMs, long rightMs) {}
