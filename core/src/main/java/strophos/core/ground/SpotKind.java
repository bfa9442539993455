package strophos.core.ground;

/** What is set down at a spot; left and right as one rides towards it. */
public enum SpotKind {
    CONE,
    POLE_LEFT,
    POLE_RIGHT,
    POLE_INNER,
    POLE_OUTER,
    FENCE_LEFT,
    FENCE_RIGHT,
    /** About which a circle is ridden, or to which a fan points. */
    MIDDLE,
    /** Where the bend changes. */
    CHANGE
}
