/**
 * What was asked when horse, rider and pair were met, and is filled over time. Nothing of it is mandatory, and nothing of it is
 * computed with: numbers that a rule needs are {@link strophos.server.horse.Facts}.
 */
package strophos.server.intake;
