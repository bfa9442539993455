/** The cue books of pairs: signals, each with its one meaning. */
package strophos.server.cue;
