package strophos.core.ground;

import strophos.core.arena.Point;

/** A pole, or the width of a fence, from end to end. */
public record Bar(Point from, Point to) {

    /** Square to a way ridden: from its left end to its right. */
    static Bar across(Point middle, double headingRad, double lengthM) {
        double left = headingRad + Math.PI / 2;
        return new Bar(middle.towards(left, lengthM / 2), middle.towards(left, -lengthM / 2));
    }
}
