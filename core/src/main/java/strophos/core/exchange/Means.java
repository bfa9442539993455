package strophos.core.exchange;

/** What an aid is given with. */
public enum Means {
    SEAT,
    LEG,
    REIN,
    WEIGHT,
    VOICE,
    WHIP,
    GAZE
}
