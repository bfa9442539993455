package strophos.server.homework;

import java.time.Instant;
import strophos.core.homework.Feel;

/** One practice of a rung, as reported. */
public record HomePractice(Instant at, Feel feel) {}
