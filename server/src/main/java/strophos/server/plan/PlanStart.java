package strophos.server.plan;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What a plan can be begun from. */
final class PlanStart {

    /** So many templates has a yard at most. */
    static final int MOST_TEMPLATES = 100;

    private PlanStart() {}

    /** A plan that was kept for an earlier lesson. */
    record OfLesson(Instant at, List<WantedBlock> blocks) {}

    /** A plan under a name. */
    record Template(UUID id, String name, List<WantedBlock> blocks) {}
}
