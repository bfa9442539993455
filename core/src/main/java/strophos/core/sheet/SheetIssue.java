package strophos.core.sheet;

/**
 * A cell that cannot be read.
 *
 * @param line of the table, from 1, the heading being line 1
 * @param value as it stands there
 */
public record SheetIssue(int line, SheetColumn column, Code code, String value) {

    /** What is wrong with it. */
    public enum Code {
        /** Nothing stands there, nor above. */
        MISSING,
        /** None of the words the column knows. */
        UNKNOWN_WORD,
        /** No exercise of the catalogue. */
        UNKNOWN_EXERCISE,
        NOT_A_TIME,
        /** Earlier than the line above. */
        TIME_FALLS,
        /** Not the day of the lesson. */
        OTHER_DAY,
        /** The level first asked is above the one that was answered. */
        FIRST_ABOVE,
        /** A note longer than an entry may be. */
        TOO_LONG
    }
}
