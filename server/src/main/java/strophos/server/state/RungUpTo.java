package strophos.server.state;

import java.util.Optional;
import java.util.UUID;
import strophos.core.progress.Instrument;
import strophos.core.stair.RungId;

/** The last lessons on a rung up to this one are wanted; and what its instrument measured of them, also of those in which nothing was seen of it. */
record RungUpTo(UUID pair, RungId rung, LessonKey upTo, Optional<Instrument> instrument) {}
