package strophos.core.homework;

import strophos.core.stair.RungId;

/** One step of an assignment. */
public record Step(RungId rung, Dose dose) {}
