package strophos.server.word;

import java.time.Instant;
import java.util.UUID;

/** The last that somebody said under the comments of a lesson, which the viewer has not read. */
public record NewWord(UUID lesson, UUID pair, String by, String horse, String text, Instant at) {}
