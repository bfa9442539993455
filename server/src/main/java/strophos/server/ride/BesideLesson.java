package strophos.server.ride;

import java.util.List;
import strophos.server.look.StoredLook;
import strophos.server.watch.WatchItem;

/** Earlier looks, the latest first; what is on watch, the oldest first; and whether the lesson may be spoken into. */
record BesideLesson(List<StoredLook> looksBefore, List<WatchItem> watch, boolean maySpeak) {}
