package strophos.server.state;

import java.util.UUID;
import strophos.core.stair.RungId;

/** The last lessons on a rung up to this one are wanted. */
record RungUpTo(UUID pair, RungId rung, LessonKey upTo) {}
