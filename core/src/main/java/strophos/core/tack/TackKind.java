package strophos.core.tack;

/** What a piece of tack is. */
public enum TackKind {
    HEADGEAR,
    NOSEBAND,
    SADDLE,
    /** Under the saddle, or instead of one. */
    PAD,
    GIRTH,
    MARTINGALE,
    SIDE_REINS,
    WHIP,
    SPURS,
    LEG_PROTECTION,
    OTHER
}
