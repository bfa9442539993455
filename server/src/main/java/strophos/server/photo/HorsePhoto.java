package strophos.server.photo;

import java.time.LocalDate;

/**
 * A photo of a horse.
 *
 * @param sha256 of the picture
 * @param view from where it was taken
 * @param isPutAway no longer shown among the others
 */
record HorsePhoto(String sha256, View view, LocalDate takenOn, boolean isPutAway) {

    /** From where a horse is looked at, so that one photo can be laid over another. */
    enum View {
        /** Its left side. */
        LEFT,
        RIGHT,
        FRONT,
        BEHIND,
        /** From above, over the back: how even its shoulders are. */
        ABOVE
    }
}
