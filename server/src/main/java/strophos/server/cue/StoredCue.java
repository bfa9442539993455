package strophos.server.cue;

import java.util.UUID;

/** A cue, and how often it was changed. */
record StoredCue(UUID id, int version, CueForm cue) {}
