package strophos.core.homework;

/** How a practice went, in the rider's words. */
public enum Feel {
    EASY,
    GETTING_THERE,
    NOT_YET
}
