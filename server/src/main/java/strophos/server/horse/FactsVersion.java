package strophos.server.horse;

import java.util.Optional;
import strophos.core.welfare.PainChecklist;

/**
 * The facts, and how often they were changed.
 *
 * @param overrule why this rider rides this horse although another is advised; empty when nobody said
 * @param painCount behaviours last counted under a rider of this horse; empty while nobody has counted
 */
public record FactsVersion(Facts facts, int version, Optional<Overrule> overrule, Optional<PainChecklist> painCount) {}
