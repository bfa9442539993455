/**
 * How much a horse bends on a circle.
 *
 * <p>θ = L / R: the angle between poll and dock when the spine, L metres long, lies on a circle of radius R. It is an
 * idealisation: the neck gives most of it and the trunk little. Radians inside, degrees where they are shown. Source:
 * arc length over radius; the default length is an assumption of ours.
 */
package strophos.core.bend;
