package strophos.server.invite;

import java.util.UUID;
import strophos.server.access.Role;

/** Whom a token is for. */
record OpenInvitation(UUID yard, UUID invitation, UUID person, String name, Role role, String yardName) {}
