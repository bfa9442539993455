/**
 * When to stop (rules 5; common practice, no source): the hard stops, which a yard can only tighten; the good place to
 * stop, said once; and what to do when it does not become good.
 */
package strophos.core.stop;
