/**
 * Setting out by hand: where a thing stands as two tapes from named places, and in the coach's own paces. Metres.
 *
 * <p>Sources: geometry. A pace of 0.914 m (3 ft) is common practice, no source; everybody walks a known length to learn the own one.
 */
package strophos.core.setout;
