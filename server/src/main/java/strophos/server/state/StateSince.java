package strophos.server.state;

import java.util.List;

/** A state, and what came since, in order. */
record StateSince(StoredState from, List<BegunLesson> lessons, List<StoredDecision> decisions) {}
