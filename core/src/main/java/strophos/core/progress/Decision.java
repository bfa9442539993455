package strophos.core.progress;

/** What is decided for a rung at a lesson's end. */
public enum Decision {
    MOVE_ON,
    STAY,
    STEP_BACK,
    /** A vet, fitter, physiotherapist or experienced professional first. Chosen by the coach; see the cautions. */
    GET_HELP
}
