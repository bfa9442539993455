/**
 * How often the judgement is wrong: simulated pairs whose truth is known, with good and bad days, put before the rule books.
 * Shares are counted over seeds; each comes with its standard error.
 */
package strophos.bench.judgement;
