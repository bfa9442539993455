package strophos.server.ground;

import java.util.UUID;

/** An arena of the yard. */
record StoredArena(UUID id, int version, WantedArena arena, boolean isPutAway) {}
