package strophos.core.stair;

import strophos.core.progress.Decision;

/** A coach's decision on a rung. */
public record DecisionOnRung(RungId rung, Decision decision) implements StairEvent {}
