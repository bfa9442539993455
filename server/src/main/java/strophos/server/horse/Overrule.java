package strophos.server.horse;

import java.math.BigDecimal;
import java.time.Instant;

/** A reason against the advice, given at this share. */
public record Overrule(BigDecimal percent, String reason, String by, Instant at) {}
