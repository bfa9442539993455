package strophos.server.pause;

import java.util.UUID;
import strophos.server.contract.CanBeNull;

/** @param horse null for a number of the yard */
record Contact(@CanBeNull UUID horse, ContactKind kind, String name, String phone) {}
