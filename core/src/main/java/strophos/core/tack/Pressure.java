package strophos.core.tack;

/** A place of the head where headgear can press. */
public enum Pressure {
    TONGUE,
    /** The gums without teeth, on both sides of the lower jaw. */
    BARS,
    /** Of the mouth. */
    CORNERS,
    PALATE,
    /** Behind the chin, where a curb chain or a strap lies. */
    CURB_GROOVE,
    NOSE,
    POLL
}
