/**
 * How pairs stand, kept at each lesson's end ({@code pair_state}), and lessons counted ({@code lesson_count}): what the screens read
 * instead of a pair's whole past. Both are projections of the log and of the decisions, and disposable.
 *
 * <p>A state says up to which lesson and which decision it was folded, and by which rules; whoever reads folds what came since. So a
 * state that is missing or old costs time and is never wrong. What changes an old lesson removes the states from that lesson on.
 */
package strophos.server.state;
