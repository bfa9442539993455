/**
 * Homework between lessons: how much, what opens the next step, and what a report changes.
 *
 * <p>An assignment is a short ladder of steps, all on rungs the pair has ridden with the coach: the way back, the rung,
 * and the rung with its full dose. Its state is a fold of the rider's reports and the coach's answers; days are the
 * yard's. A report never passes a rung of the stair. Thresholds are common practice, no source.
 */
package strophos.core.homework;
