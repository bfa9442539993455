package strophos.server.horse;

import strophos.server.contract.CanBeNull;

/** Of a horse; null where nobody has said. */
public record HeightAndBorn(
        @CanBeNull Integer heightCm, @CanBeNull Integer bornYear) {}
