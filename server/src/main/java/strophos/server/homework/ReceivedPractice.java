package strophos.server.homework;

import java.time.Instant;

/** A practice, and when its report came in. */
record ReceivedPractice(Practice practice, Instant receivedAt) {}
