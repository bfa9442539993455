/**
 * Poles on the ground: straight rows, and fans of which one suits several horses. Metres, radians.
 *
 * <p>Sources: distances in a row are common practice, no source ({@link strophos.core.stride}); the fan is geometry (arc and chord).
 */
package strophos.core.poles;
