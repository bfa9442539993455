/**
 * Going on two tracks: quarters in by the sizes of two circles, and lines ridden forward and sideways. Metres, radians.
 *
 * <p>Sources: triangle of the two circles' radii and the horse's length from fore to hind (geometry); 70 to 80 in a hundred forward
 * for teaching is common practice, no source; shoulder-in about 30°, travers and renvers about 35°: international rules, from memory.
 */
package strophos.core.sideways;
