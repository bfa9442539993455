package strophos.core.aid;

import java.time.Duration;

/** A moment that follows another, and where the two come from. */
public record TimedResponse(String entry, TimeSource source, Duration delay) {}
