/**
 * A figure as one horse goes it: its bend at every point, what is too tight for it, time and strides. Metres, radians, seconds.
 *
 * <p>Sources: the bend is arc length over radius ({@link strophos.core.bend}); strides as in {@link strophos.core.stride}. That a
 * turn of a quarter or less asks no even bend is common practice, no source.
 */
package strophos.core.ground;
