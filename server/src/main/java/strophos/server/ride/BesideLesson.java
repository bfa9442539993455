package strophos.server.ride;

import java.util.List;
import strophos.server.look.StoredLook;
import strophos.server.watch.OnWatch;

/** Earlier looks, the latest first, and what is on watch, the oldest first. */
record BesideLesson(List<StoredLook> looksBefore, List<OnWatch> watch) {}
