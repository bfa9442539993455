/**
 * The words of one ask: what the rider asked with, what came, where the horse was.
 *
 * <p>An <em>exchange</em> is one ask: the aid with its {@link strophos.core.exchange.Strength strength} (the level at
 * which the horse answered) and the horse's {@link strophos.core.exchange.Response response}. Gait, place, rein and
 * who rides come from the segment the exchange belongs to. {@link strophos.core.exchange.Rein Rein} is a direction of
 * travel, never a side of the body. Source of the terms: the field's vocabulary (common practice, no source).
 */
package strophos.core.exchange;
