/**
 * What the operator reads: one line of JSON a happening, and no text that people typed. A refusal that is expected is one line; a stack
 * trace is printed once and counted when it comes again.
 */
package strophos.server.log;
