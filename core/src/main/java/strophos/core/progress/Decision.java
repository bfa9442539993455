package strophos.core.progress;

import java.util.List;

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
    GET_HELP;

    private static final List<Decision> IN_WORK = List.of(MOVE_ON, STAY, STAY_HARDER, STEP_BACK, GET_HELP);
    private static final List<Decision> PASSED = List.of(MOVE_ON, REOPEN, GET_HELP);

    /** What may be chosen, in the order it is shown: a rung that was passed can only stay so, be opened again, or wait. */
    public static List<Decision> choices(boolean isPassed) {
        return isPassed ? PASSED : IN_WORK;
    }
}
