package strophos.core.arena;

/** A figure for which this arena has nothing to ride it by. */
public final class NotRiddenHere extends IllegalArgumentException {

    /** Why not. */
    public enum Reason {
        /** It has no long side with corners, or too short a one. */
        NO_LONG_SIDE,
        /** It has no such letter or landmark. */
        NO_LETTER,
        /** The landmark stands outside. */
        LETTER_OUTSIDE,
        /** The letter is not on the track, from where this figure is ridden. */
        NOT_ON_TRACK,
        /** What it narrows to is wider than where it begins. */
        WIDENS
    }

    private final Reason reason;

    public NotRiddenHere(Reason reason, String sentence) {
        super(sentence);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
