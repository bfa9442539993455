package strophos.server.state;

import java.util.UUID;
import strophos.core.stair.RungId;

/** The last lessons on a rung up to this one are wanted; those in which it was only measured too, where it {@code isMeasured}. */
record RungUpTo(UUID pair, RungId rung, LessonKey upTo, boolean isMeasured) {}
