package strophos.server.pair;

/** A way of teaching; a pair has one. */
public enum School {
    CLASSICAL,
    PRESSURE_AND_RELEASE,
    REWARD_BASED,
    FORWARD_SEAT,
    GAITED
}
