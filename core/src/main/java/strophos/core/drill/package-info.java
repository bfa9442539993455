/**
 * Drills whose parts come in an order that the horse cannot guess.
 *
 * <p>Source: which parts the two-cone drill has, and which of them can follow which, is common practice, no source.
 */
package strophos.core.drill;
