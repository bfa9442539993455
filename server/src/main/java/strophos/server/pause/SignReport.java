package strophos.server.pause;

import java.time.Instant;
import java.util.UUID;
import strophos.core.exchange.Side;
import strophos.core.pause.StopSign;

/** A sign as a rider's device said it. */
record SignReport(UUID id, UUID pair, UUID author, Instant at, StopSign sign, Side side, Instant receivedAt) {}
