package strophos.server.ride;

import strophos.server.contract.CanBeNull;

/**
 * What became of one entry of a batch.
 *
 * @param index its place in the batch
 * @param id null when it could not be read
 * @param code why it was refused; null otherwise
 */
public record Answer(
        int index,
        @CanBeNull String id,
        Outcome outcome,
        @CanBeNull Code code) {

    /** Whether it is stored. */
    public enum Outcome {
        STORED,
        ALREADY,
        /** Stored, but its payload is not understood: kept and shown as such. */
        KEPT_ODD,
        REFUSED
    }

    /** Why not. */
    public enum Code {
        /** The envelope is not of the documented form. */
        ENVELOPE,
        /** The payload is larger than 8 kB. */
        TOO_LARGE,
        /** The payload holds what no reader can keep: NUL, half a character, a number out of all range, endless nesting. */
        PAYLOAD,
        /** It fails on our side, for a reason nobody has thought of; the others of its batch are stored. */
        FAILED,
        /** No such lesson, or not one you may write to. */
        UNKNOWN_LESSON,
        /** Entries are sent by their author only. */
        NOT_AUTHOR,
        /** The device is another person's. */
        FOREIGN_DEVICE,
        /** Its author is nobody of this yard. */
        UNKNOWN_AUTHOR,
        /** Another entry stands under this id. */
        CONFLICT,
        /** A voice note of a minor's lesson, and no guardian has said that it may be kept. */
        NO_CONSENT
    }

    static Answer refused(int index, String id, Code code) {
        return new Answer(index, id, Outcome.REFUSED, code);
    }
}
