/**
 * Causes, as far as counting can find them: the <em>probe</em> (does another exercise help this one?) and the <em>side by
 * side</em> (what does the rider do when it comes, and when it does not?). Both end in "worth checking", never in a cause.
 * Scores, thresholds and numbers of days are common practice, no source; the tests stand in {@code strophos.core.stats}.
 */
package strophos.core.cause;
