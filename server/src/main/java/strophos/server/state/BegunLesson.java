package strophos.server.state;

import java.util.Set;
import java.util.UUID;
import strophos.core.stair.RungId;

/** A lesson that began after a kept state, with the rungs its pair's own rider was asked, observed or measured on. */
record BegunLesson(UUID pair, LessonKey key, boolean isEnded, Set<RungId> rungs) {}
