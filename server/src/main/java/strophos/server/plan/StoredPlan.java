package strophos.server.plan;

import java.time.Instant;
import java.util.List;

/** A kept plan. */
record StoredPlan(List<WantedBlock> blocks, int version, String by, Instant at) {}
