/**
 * What really changed: over lessons (a plateau or not), and within one (its first third against its last). Rates jump from
 * day to day by chance alone; "cannot tell yet" is the usual and the honest answer.
 */
package strophos.core.change;
