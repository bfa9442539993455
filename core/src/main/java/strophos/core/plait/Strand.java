package strophos.core.plait;

/** One of the strands of a lesson, from the top. */
public enum Strand {
    /** What the rider did: asks by strength, faults, slips, releases. */
    RIDER,
    /** How the rein felt. */
    CONTACT,
    /** What the horse gave: answers, choices, signs. */
    HORSE,
    /** What the coach did and said: corrections, praise, notes. */
    COACH
}
