package strophos.server.plan;

import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PLAN;
import static strophos.server.db.Tables.PLAN_TEMPLATE;
import static strophos.server.db.Tables.RIDDEN_LESSON;

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

/** What a plan can be begun from: the pair's last kept one, and the yard's templates. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class StartRepository {

    private static final TypeReference<List<WantedBlock>> BLOCKS = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper json;

    StartRepository(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** The plan of the last lesson of this pair that was ridden before this moment and had one kept. */
    Optional<PlanStart.OfLesson> last(UUID pair, UUID lesson, Instant before) {
        return db.select(RIDDEN_LESSON.STARTED_AT, PLAN.BLOCKS)
                .from(RIDDEN_LESSON)
                .join(LESSON)
                .on(LESSON.YARD_ID.eq(RIDDEN_LESSON.YARD_ID).and(LESSON.ID.eq(RIDDEN_LESSON.LESSON_ID)))
                .join(PLAN)
                .on(PLAN.YARD_ID.eq(RIDDEN_LESSON.YARD_ID).and(PLAN.LESSON_ID.eq(RIDDEN_LESSON.LESSON_ID)))
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair))
                .and(RIDDEN_LESSON.STARTED_AT.lt(before))
                .and(RIDDEN_LESSON.LESSON_ID.ne(lesson))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(1)
                .fetchOptional(r -> new PlanStart.OfLesson(r.get(RIDDEN_LESSON.STARTED_AT), read(r.get(PLAN.BLOCKS))));
    }

    /** By name. */
    List<PlanStart.Template> templates() {
        return db.select(PLAN_TEMPLATE.ID, PLAN_TEMPLATE.NAME, PLAN_TEMPLATE.BLOCKS)
                .from(PLAN_TEMPLATE)
                .orderBy(PLAN_TEMPLATE.NAME, PLAN_TEMPLATE.ID)
                .limit(PlanStart.MOST_TEMPLATES)
                .fetch(r -> new PlanStart.Template(r.value1(), r.value2(), read(r.value3())));
    }

    int count() {
        return db.fetchCount(PLAN_TEMPLATE);
    }

    /** Whether another one has this name. */
    boolean isTaken(UUID id, String name) {
        return db.fetchExists(PLAN_TEMPLATE, PLAN_TEMPLATE.NAME.eq(name).and(PLAN_TEMPLATE.ID.ne(id)));
    }

    boolean isThere(UUID id) {
        return db.fetchExists(PLAN_TEMPLATE, PLAN_TEMPLATE.ID.eq(id));
    }

    void keep(PlanStart.Template template, Instant at) {
        JSONB blocks = JSONB.valueOf(json.writeValueAsString(template.blocks()));
        db.insertInto(PLAN_TEMPLATE)
                .set(PLAN_TEMPLATE.YARD_ID, YardScope.viewer().yard())
                .set(PLAN_TEMPLATE.ID, template.id())
                .set(PLAN_TEMPLATE.NAME, template.name())
                .set(PLAN_TEMPLATE.BLOCKS, blocks)
                .set(PLAN_TEMPLATE.MADE_BY, YardScope.viewer().person())
                .set(PLAN_TEMPLATE.MADE_AT, at)
                .onConflict(PLAN_TEMPLATE.YARD_ID, PLAN_TEMPLATE.ID)
                .doUpdate()
                .set(PLAN_TEMPLATE.NAME, template.name())
                .set(PLAN_TEMPLATE.BLOCKS, blocks)
                .set(PLAN_TEMPLATE.MADE_BY, YardScope.viewer().person())
                .set(PLAN_TEMPLATE.MADE_AT, at)
                .execute();
    }

    boolean remove(UUID id) {
        return db.deleteFrom(PLAN_TEMPLATE).where(PLAN_TEMPLATE.ID.eq(id)).execute() == 1;
    }

    private List<WantedBlock> read(JSONB blocks) {
        return json.readValue(blocks.data(), BLOCKS);
    }
}
