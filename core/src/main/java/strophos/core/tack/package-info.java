/**
 * What a horse wears on its head, and where it presses.
 *
 * <p>Forces in kilograms-force, lengths in metres, angles in degrees. A curb is a static lever about its mouthpiece: no
 * friction, the cheekpiece slack (statics). Other headgear has no ratio, only the places where it presses. Nothing here says
 * how severe a headgear is: hands decide.
 */
package strophos.core.tack;
