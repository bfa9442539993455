package strophos.core.arena;

/** Where one is, and which way one looks; radians, counter-clockwise from x. */
public record Pose(Point at, double headingRad) {}
