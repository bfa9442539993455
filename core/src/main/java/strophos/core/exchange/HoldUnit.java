package strophos.core.exchange;

/** What a stretch that is kept is measured in. */
public enum HoldUnit {
    STRIDES,
    SECONDS,
    METRES
}
