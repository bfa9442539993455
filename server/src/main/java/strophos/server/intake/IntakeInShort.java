package strophos.server.intake;

import strophos.server.contract.CanBeNull;

/**
 * What somebody who is about to teach the pair must have read; null where nobody has asked.
 *
 * @param fears the horse's
 * @param worries the rider's
 */
public record IntakeInShort(
        @CanBeNull String fears,
        @CanBeNull String sightAndHearing,
        @CanBeNull String worries,
        @CanBeNull String clashes) {}
