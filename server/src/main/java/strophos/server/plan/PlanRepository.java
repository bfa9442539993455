package strophos.server.plan;

import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.PLAN;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Plans as kept: the coach's blocks, and beside them what was proposed. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class PlanRepository {

    private final DSLContext db;
    private final JsonMapper json;

    PlanRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    Optional<StoredPlan> find(UUID lesson) {
        return db.select(PLAN.BLOCKS, PLAN.LATCH, PLAN.VERSION, PLAN.MADE_AT, PERSON.NAME)
                .from(PLAN)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PLAN.YARD_ID).and(PERSON.ID.eq(PLAN.MADE_BY)))
                .where(PLAN.LESSON_ID.eq(lesson))
                .fetchOptional(r -> new StoredPlan(
                        json.readValue(r.value1().data(), new TypeReference<List<WantedBlock>>() {}),
                        Optional.ofNullable(r.value2()).map(l -> json.readValue(l.data(), LessonLatch.class)),
                        r.value3(),
                        r.value5(),
                        r.value4()));
    }

    /** Whether the plan was at this version (0: not there) and is now this one. */
    boolean keep(UUID lesson, int version, PlanToKeep wanted, String advised, Instant at) {
        JSONB written = JSONB.valueOf(json.writeValueAsString(wanted.blocks()));
        JSONB latch = wanted.latch()
                .map(l -> JSONB.valueOf(json.writeValueAsString(l)))
                .orElse(null);
        if (version == 0) {
            return db.insertInto(PLAN)
                            .set(PLAN.YARD_ID, YardScope.viewer().yard())
                            .set(PLAN.LESSON_ID, lesson)
                            .set(PLAN.BLOCKS, written)
                            .set(PLAN.LATCH, latch)
                            .set(PLAN.ADVISED, JSONB.valueOf(advised))
                            .set(PLAN.VERSION, 1)
                            .set(PLAN.MADE_BY, YardScope.viewer().person())
                            .set(PLAN.MADE_AT, at)
                            .onConflictDoNothing()
                            .execute()
                    == 1;
        }
        return db.update(PLAN)
                        .set(PLAN.BLOCKS, written)
                        .set(PLAN.LATCH, latch)
                        .set(PLAN.ADVISED, JSONB.valueOf(advised))
                        .set(PLAN.VERSION, version + 1)
                        .set(PLAN.MADE_BY, YardScope.viewer().person())
                        .set(PLAN.MADE_AT, at)
                        .where(PLAN.LESSON_ID.eq(lesson).and(PLAN.VERSION.eq(version)))
                        .execute()
                == 1;
    }
}
