/**
 * What every second opinion is made of: a {@link strophos.core.judgement.Rule rule} looks at facts and answers {@code
 * Met}, {@code Broken} or {@code NotEnoughData}, always with its numbers as data. A rule book is a list of rules with a
 * version; its thresholds stand on one {@link strophos.core.judgement.ThresholdSet sheet}, a yard's changes lie on top, and a
 * safety cap can only be tightened. Wording lives in the language files.
 */
package strophos.core.judgement;
