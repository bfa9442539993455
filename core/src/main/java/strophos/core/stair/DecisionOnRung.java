package strophos.core.stair;

import strophos.core.progress.Decision;

/** A coach's decision on a rung; a list of them is given in the order they were made. */
public record DecisionOnRung(RungId rung, Decision decision) {}
