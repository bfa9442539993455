package strophos.server.ride;

import java.util.List;
import strophos.server.look.StoredLook;
import strophos.server.watch.WatchItem;

/** Earlier looks, the latest first, and what is on watch, the oldest first. */
record BesideLesson(List<StoredLook> looksBefore, List<WatchItem> watch) {}
