/**
 * When a rung is learnt: the criterion, and the decision to move on, stay or step back.
 *
 * <p>A rung is judged at a lesson's end, never after each touch, on asks under the pair's own rider only. Sides are
 * judged alone; the rung passes with the weaker one. A rule answers {@code Met}, {@code Broken} or {@code
 * NotEnoughData}, always with the numbers it used; wording lives in the language files. All thresholds are defaults
 * (common practice, no source) and stand in one record a rule.
 */
package strophos.core.progress;
