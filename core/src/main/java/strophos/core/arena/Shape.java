package strophos.core.arena;

/** What an arena looks like from above. */
public enum Shape {
    RECTANGLE,
    /** Two straight sides joined by half circles; as long as wide it is a round pen. */
    OVAL
}
