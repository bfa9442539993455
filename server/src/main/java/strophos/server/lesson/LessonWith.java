package strophos.server.lesson;

import org.jooq.Record;

/** A lesson, and what else was asked for in the same statement. */
public record LessonWith(Lesson lesson, Record also) {}
