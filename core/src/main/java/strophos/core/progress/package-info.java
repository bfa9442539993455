/**
 * When a rung is learnt: the criterion, and the decision to get help, step back, re-open, move on or stay.
 *
 * <p>A rung is judged at a lesson's end, never after each touch, on asks under the pair's own rider only. Sides are
 * judged alone; the rung passes with the weaker one. All thresholds are defaults (common practice, no source) and stand
 * on one sheet, {@link strophos.core.progress.RungThresholds}; an exercise may name a criterion of its own.
 */
package strophos.core.progress;
