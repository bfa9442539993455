/** A pair's cue book: its agreed signals, each with one meaning. A horse that is asked two things the same way must guess. */
package strophos.core.cue;
