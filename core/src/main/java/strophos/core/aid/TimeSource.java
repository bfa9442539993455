package strophos.core.aid;

/** Where the moments of aid and response come from. */
public enum TimeSource {
    CLIP,
    SENSOR,
    /** Aid and response each touched in. */
    TWO_TOUCHES,
    /** One touch an exchange: counts and order, no times. */
    ONE_TOUCH;

    public boolean hasTiming() {
        return this != ONE_TOUCH;
    }
}
