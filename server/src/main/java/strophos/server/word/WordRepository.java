package strophos.server.word;

import static strophos.server.db.Tables.COMMENT_WORD;
import static strophos.server.db.Tables.HORSE;
import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.PAGE_READING;
import static strophos.server.db.Tables.PAIR;
import static strophos.server.db.Tables.PERSON;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.VisiblePairs;
import strophos.server.access.YardScope;

/** What is said back under comments, and who read the pages they stand on; of lessons the viewer was found to see. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class WordRepository {

    private final DSLContext db;

    WordRepository(DSLContext db) {
        this.db = db;
    }

    /** Under the comments of this lesson. */
    public List<WordsView.WordBack> words(UUID lesson) {
        UUID viewer = YardScope.viewer().person();
        return db.select(
                        COMMENT_WORD.ID,
                        COMMENT_WORD.COMMENT_ID,
                        PERSON.NAME,
                        COMMENT_WORD.SAID_BY,
                        COMMENT_WORD.TEXT,
                        COMMENT_WORD.SAID_AT)
                .from(COMMENT_WORD)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(COMMENT_WORD.YARD_ID).and(PERSON.ID.eq(COMMENT_WORD.SAID_BY)))
                .where(COMMENT_WORD.LESSON_ID.eq(lesson))
                .orderBy(COMMENT_WORD.SAID_AT, COMMENT_WORD.ID)
                .fetch(r -> new WordsView.WordBack(
                        r.value1(), r.value2(), r.value3(), r.value4().equals(viewer), r.value5(), r.value6()));
    }

    /** By riders and guardians, the latest first. */
    public List<WordsView.ReadingView> readings(UUID lesson) {
        return db.select(PERSON.NAME, PAGE_READING.READ_AT)
                .from(PAGE_READING)
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(PAGE_READING.YARD_ID).and(PERSON.ID.eq(PAGE_READING.PERSON_ID)))
                .where(PAGE_READING.LESSON_ID.eq(lesson).and(PERSON.ROLE.in(Role.RIDER.name(), Role.GUARDIAN.name())))
                .orderBy(PAGE_READING.READ_AT.desc())
                .fetch(r -> new WordsView.ReadingView(r.value1(), r.value2()));
    }

    public int count(UUID lesson) {
        return db.fetchCount(COMMENT_WORD, COMMENT_WORD.LESSON_ID.eq(lesson));
    }

    /** A repeated id changes nothing. */
    public void add(UUID id, UUID lesson, UUID comment, String text, Instant at) {
        Viewer viewer = YardScope.viewer();
        db.insertInto(COMMENT_WORD)
                .set(COMMENT_WORD.YARD_ID, viewer.yard())
                .set(COMMENT_WORD.ID, id)
                .set(COMMENT_WORD.LESSON_ID, lesson)
                .set(COMMENT_WORD.COMMENT_ID, comment)
                .set(COMMENT_WORD.TEXT, text)
                .set(COMMENT_WORD.SAID_BY, viewer.person())
                .set(COMMENT_WORD.SAID_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    /** By the viewer. */
    public void read(UUID lesson, Instant at) {
        Viewer viewer = YardScope.viewer();
        db.insertInto(PAGE_READING)
                .set(PAGE_READING.YARD_ID, viewer.yard())
                .set(PAGE_READING.LESSON_ID, lesson)
                .set(PAGE_READING.PERSON_ID, viewer.person())
                .set(PAGE_READING.READ_AT, at)
                .onConflict(PAGE_READING.YARD_ID, PAGE_READING.LESSON_ID, PAGE_READING.PERSON_ID)
                .doUpdate()
                .set(PAGE_READING.READ_AT, at)
                .execute();
    }

    /** The latest that others said of each lesson since the viewer read its page last; the latest first, so many at most. */
    public List<NewWord> unread(Instant from, int most) {
        Viewer viewer = YardScope.viewer();
        return db
                .select(
                        COMMENT_WORD.LESSON_ID,
                        PAIR.ID,
                        PERSON.NAME,
                        HORSE.NAME,
                        COMMENT_WORD.TEXT,
                        COMMENT_WORD.SAID_AT)
                .distinctOn(COMMENT_WORD.LESSON_ID)
                .from(COMMENT_WORD)
                .join(LESSON)
                .on(LESSON.YARD_ID.eq(COMMENT_WORD.YARD_ID).and(LESSON.ID.eq(COMMENT_WORD.LESSON_ID)))
                .join(PAIR)
                .on(PAIR.YARD_ID.eq(LESSON.YARD_ID).and(PAIR.ID.eq(LESSON.PAIR_ID)))
                .join(PERSON)
                .on(PERSON.YARD_ID.eq(COMMENT_WORD.YARD_ID).and(PERSON.ID.eq(COMMENT_WORD.SAID_BY)))
                .join(HORSE)
                .on(HORSE.YARD_ID.eq(PAIR.YARD_ID).and(HORSE.ID.eq(PAIR.HORSE_ID)))
                .where(VisiblePairs.to(viewer)
                        .and(COMMENT_WORD.SAID_AT.ge(from))
                        .and(COMMENT_WORD.SAID_BY.ne(viewer.person())))
                .andNotExists(DSL.selectOne()
                        .from(PAGE_READING)
                        .where(PAGE_READING.LESSON_ID.eq(COMMENT_WORD.LESSON_ID))
                        .and(PAGE_READING.PERSON_ID.eq(viewer.person()))
                        .and(PAGE_READING.READ_AT.ge(COMMENT_WORD.SAID_AT)))
                .orderBy(COMMENT_WORD.LESSON_ID, COMMENT_WORD.SAID_AT.desc())
                .fetch(r -> new NewWord(r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6()))
                .stream()
                .sorted(Comparator.comparing(NewWord::at).reversed())
                .limit(most)
                .toList();
    }
}
