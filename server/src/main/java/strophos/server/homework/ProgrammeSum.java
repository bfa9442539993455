package strophos.server.homework;

import java.time.Instant;

/**
 * A programme so far, summed over its practices.
 *
 * @param seconds on both reins
 */
public record ProgrammeSum(String name, Instant firstAt, int practices, int seconds) {}
