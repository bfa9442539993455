package strophos.core.ground;

import strophos.core.arena.Point;

/**
 * A place that is set out.
 *
 * @param number of the cone, pole or fence, from 1 in the order in which they are ridden
 */
public record Spot(SpotKind kind, int number, Point at) {}
