package strophos.core.change;

import strophos.core.stats.Proportion;

/** Successes of one lesson on a rung; lessons are counted, days off between them are not. */
public record Rate(String lesson, Proportion successes) {}
