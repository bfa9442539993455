package strophos.server.tack;

import java.util.UUID;

/** A piece of tack, and how often it was changed. */
record StoredPiece(UUID id, int version, TackPiece piece) {}
