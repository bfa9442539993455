package strophos.server.plan;

import java.util.List;
import java.util.Optional;

/** A plan as the coach wants it: its blocks, and the fault that has a key of its own. */
public record PlanToKeep(List<WantedBlock> blocks, Optional<LessonLatch> latch) {}
