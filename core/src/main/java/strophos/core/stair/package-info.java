/**
 * The stair: the rungs of a strand in order, and where a pair stands on it.
 *
 * <p>A rung is an exercise at one gait and place. {@code needs} must all be passed before it opens; the {@code way back}
 * is where to go when it fails, always a lower rung. A rung's state is a fold of the coach's decisions (the latest
 * wins) and of whether it was asked in a coached lesson; a rider's report never passes a rung.
 */
package strophos.core.stair;
