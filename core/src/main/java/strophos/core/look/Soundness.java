package strophos.core.look;

/** What was seen of the horse's soundness today. */
public enum Soundness {
    SOUND,
    /** An uneven step. */
    UNLEVEL,
    /** A sudden refusal, on one side only. */
    REFUSES_ONE_SIDE,
    /** A sore spot, swelling, blood, uneven sweat, a poll that will not be touched. */
    PAIN_SIGNS;

    /** Nothing is ridden, and no rung is judged, before somebody licensed has looked. */
    public boolean isPain() {
        return this != SOUND;
    }
}
