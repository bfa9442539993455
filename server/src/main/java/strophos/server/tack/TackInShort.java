package strophos.server.tack;

import strophos.server.contract.CanBeNull;

/**
 * A pair's tack in a line.
 *
 * @param headgear what is worn on the head today, by its name; null where nobody said
 * @param inUse pieces in use
 * @param later pieces that wait
 */
public record TackInShort(@CanBeNull String headgear, int inUse, int later) {}
