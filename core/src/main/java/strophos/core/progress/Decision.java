package strophos.core.progress;

/** What is decided for a rung at a lesson's end. */
public enum Decision {
    MOVE_ON,
    STAY,
    /** Made harder within the rung: smaller circle, more strides, a new place. */
    STAY_HARDER,
    STEP_BACK,
    /** It was passed and fails again: back into work. */
    REOPEN,
    /** A vet, fitter, physiotherapist or experienced professional first. Chosen by the coach; see the cautions. */
    GET_HELP
}
