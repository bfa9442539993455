package strophos.core.exchange;

/** What the horse gave. The order is the pad's, from best to worst; {@link #ordinal()} is part of the record's format. */
public enum Response {
    /** Prompt and soft. */
    YES,
    /** Late, partial or stiff: on the way. */
    TRY,
    /** Against the aid. */
    BRACE,
    /** Nothing. */
    NONE,
    /** Another answer than the one asked for. */
    WRONG
}
