package strophos.server.invite;

import java.util.UUID;
import strophos.server.access.Role;

/** Somebody with the way in to a pair. */
record Person(UUID id, String name, Role role, boolean canSignIn) {}
