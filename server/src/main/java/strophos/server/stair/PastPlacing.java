package strophos.server.stair;

import java.time.Instant;
import java.util.UUID;

/** @param known said to be known already; else taken back */
public record PastPlacing(UUID id, UUID pair, String rung, boolean known, String by, Instant at) {}
