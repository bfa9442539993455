package strophos.core.exchange;

/** How the lead was changed after a fence: in one stride, late behind, through trot or walk, not at all. */
public enum LeadChange {
    CLEAN,
    LATE,
    SIMPLE,
    NONE
}
