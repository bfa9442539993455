package strophos.core.look;

/** What a lesson is about, by the row that found it. */
public enum FocusKind {
    /** Nothing is ridden: a vet, dentist or fitter first. */
    HELP_FIRST,
    CONFIDENCE,
    RIDER,
    STOP_BACK,
    FORWARD,
    BEND,
    SHOULDERS,
    /** Nothing is below 3: the next rung of what is being learnt. */
    NEXT_RUNG
}
