package strophos.core.stride;

/** Variants of a gait. */
public enum Variant {
    COLLECTED,
    WORKING,
    MEDIUM,
    EXTENDED
}
