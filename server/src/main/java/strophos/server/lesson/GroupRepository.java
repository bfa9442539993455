package strophos.server.lesson;

import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.group.GroupLesson;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;
import strophos.server.rules.YardSettings;
import strophos.server.sql.Binds;

/** Which lessons are ridden together. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class GroupRepository {

    private static final String TOGETHER = "ridden_together";

    private final DSLContext db;
    private final YardSettings settings;

    GroupRepository(DSLContext db, YardSettings settings) {
        this.db = db;
        this.settings = settings;
    }

    /** The lessons of this group in the order of their time. */
    List<GroupLesson.Member> of(UUID group) {
        return members(LESSON.GROUP_ID.eq(group));
    }

    /** These lessons as members of a group, in the order of their time. */
    List<GroupLesson.Member> members(Collection<UUID> lessons) {
        return members(Binds.isAnyOf(LESSON.ID, lessons));
    }

    private List<GroupLesson.Member> members(Condition which) {
        ZoneId zone = settings.zone();
        return db.select(LESSON.ID, PAIR.RIDER_ID, PAIR.HORSE_ID, LESSON.PLANNED_AT)
                .from(LESSON)
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(LESSON.YARD_ID).and(PAIR.ID.eq(LESSON.PAIR_ID)))
                .where(which)
                .orderBy(LESSON.PLANNED_AT, LESSON.ID)
                .fetch(r -> new GroupLesson.Member(
                        r.value1(), r.value2(), r.value3(), LocalDate.ofInstant(r.value4(), zone)));
    }

    /** The group these lessons are ridden in from now on; null: each alone. */
    public void put(Collection<UUID> lessons, UUID group) {
        db.update(LESSON)
                .set(LESSON.GROUP_ID, group)
                .where(Binds.isAnyOf(LESSON.ID, lessons))
                .execute();
    }

    /** The group of the lesson that a statement is about; to be read with {@link #group(Record)}. */
    static Field<?> group() {
        var other = LESSON.as("other");
        return DSL.multiset(DSL.select(other.GROUP_ID, other.ID, other.PAIR_ID, PAIR.HORSE_ID, HORSE.NAME, PERSON.NAME)
                        .from(other)
                        .join(PAIR)
                        .on(PAIR.YARD_ID.eq(other.YARD_ID).and(PAIR.ID.eq(other.PAIR_ID)))
                        .join(PERSON)
                        .on(PERSON.YARD_ID.eq(PAIR.YARD_ID).and(PERSON.ID.eq(PAIR.RIDER_ID)))
                        .join(HORSE)
                        .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                        .where(other.YARD_ID.eq(LESSON.YARD_ID).and(other.GROUP_ID.eq(LESSON.GROUP_ID)))
                        .and(VisiblePairs.to(YardScope.viewer()))
                        .orderBy(other.PLANNED_AT, other.ID)
                        .limit(GroupLesson.MOST))
                .convertFrom(rows -> rows.size() < 2
                        ? null
                        : new Group(
                                rows.get(0).value1(),
                                rows.map(r -> new Group.Together(
                                        r.value2(), r.value3(), r.value4(), r.value5(), r.value6()))))
                .as(TOGETHER);
    }

    /** Null where the viewer sees no other lesson of it. */
    static Group group(Record lesson) {
        return lesson.get(TOGETHER, Group.class);
    }
}
