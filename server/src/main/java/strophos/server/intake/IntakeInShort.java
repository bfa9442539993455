package strophos.server.intake;

import java.util.List;
import strophos.server.contract.CanBeNull;

/**
 * What somebody who is about to teach the pair must have read; null where nobody has asked.
 *
 * @param fears the horse's
 * @param worries the rider's
 * @param unwanted gaits this horse is not to use
 */
public record IntakeInShort(
        @CanBeNull String fears,
        @CanBeNull String sightAndHearing,
        @CanBeNull String worries,
        @CanBeNull String clashes,
        List<String> unwanted) {}
