package strophos.core.homework;

/** What ends a practice at once and pauses the assignment until the coach has answered. */
public enum StopSign {
    SORE_SPOT,
    UNLEVEL,
    REFUSES_ONE_SIDE,
    SWEAT_WITHOUT_WORK,
    FRIGHT,
    RIDER_HURTS
}
