package strophos.core.ground;

/** What is said before a thing is ridden (the usual cautions; local rules and licensed people decide). */
public enum Caution {
    /** Soft ground, boots, poles that cannot roll; nothing stands in for a pole. */
    POLES,
    /** Cups, ground lines, company: never jumped alone, no fence changed by minors. */
    FENCES,
    /** On a slope the footing is looked at first, and somebody is there. */
    SLOPE,
    /** Circles so small are turned in steps: walk only. */
    WALK_ONLY,
    /** Nothing that could hurt stands in for a cone. */
    CONES
}
