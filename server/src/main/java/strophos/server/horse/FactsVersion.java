package strophos.server.horse;

import java.util.Optional;

/**
 * The facts, and how often they were changed.
 *
 * @param overrule why this rider rides this horse although another is advised; empty when nobody said
 */
public record FactsVersion(Facts facts, int version, Optional<Overrule> overrule) {}
