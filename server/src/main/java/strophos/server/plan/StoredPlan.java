package strophos.server.plan;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** A kept plan. */
record StoredPlan(List<WantedBlock> blocks, Optional<LessonLatch> latch, int version, String by, Instant at) {}
