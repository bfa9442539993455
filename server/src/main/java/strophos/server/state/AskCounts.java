package strophos.server.state;

/** The levels of all asks added up are {@code strengths}. */
public record AskCounts(int yes, int asks, int strengths) {}
