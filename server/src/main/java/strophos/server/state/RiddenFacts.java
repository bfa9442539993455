package strophos.server.state;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import strophos.core.progress.LessonFacts;
import strophos.core.stair.RungId;

/** Lessons of a pair on a rung, in order. */
record RiddenFacts(Map<UUID, Map<RungId, List<LessonFacts>>> last, Map<UUID, Map<RungId, LessonFacts>> byLesson) {}
