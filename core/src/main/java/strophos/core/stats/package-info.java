/**
 * Counts in, honest ranges out. A proportion is always two counts, never a rate that has to be cast back to one.
 *
 * <p>Sources: [1] E. B. Wilson, Probable inference, the law of succession, and statistical inference, JASA 22 (1927).
 * [2] R. G. Newcombe, Two-sided confidence intervals for the single proportion, Statistics in Medicine 17 (1998). [3]
 * R. A. Fisher, The Design of Experiments (1935).
 */
package strophos.core.stats;
