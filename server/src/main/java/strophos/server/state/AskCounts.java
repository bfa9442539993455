package strophos.server.state;

/**
 * Asks, counted.
 *
 * @param tallied how many of {@code asks} were counted in tallies
 * @param strengths the levels of all asks added up
 */
public record AskCounts(int yes, int asks, int tallied, int strengths) {}
