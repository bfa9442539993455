package strophos.server.pair;

import java.time.Instant;
import strophos.server.contract.CanBeNull;
import strophos.server.roster.Pair;

/** A pair in the list: when its last lesson began, or null. */
record PairWithLesson(Pair pair, @CanBeNull Instant lastLessonAt) {}
