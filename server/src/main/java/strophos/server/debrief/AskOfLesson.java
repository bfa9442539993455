package strophos.server.debrief;

import java.time.Instant;
import java.util.UUID;
import strophos.core.cause.MarkedAsk;
import strophos.core.record.Probes;

/** An ask of a pair's own rider, with what was marked of the rider at it; without the side it worked. */
record AskOfLesson(UUID lesson, Instant beganAt, Probes.RungAsk asked, MarkedAsk marked) {}
