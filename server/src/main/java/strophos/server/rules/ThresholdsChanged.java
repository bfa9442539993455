package strophos.server.rules;

/** A yard changed its thresholds of this book; told within the transaction. */
public record ThresholdsChanged(String book) {}
