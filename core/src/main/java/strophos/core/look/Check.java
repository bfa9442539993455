package strophos.core.look;

import java.util.EnumSet;
import java.util.Set;

/** The checks of a first look, in the order of the table they are judged by. */
public enum Check {
    SOUNDNESS,
    CALM,
    RIDER,
    HALT,
    COMPLAINT,
    ATTENTION,
    LEG,
    HALT_FASTER,
    TEMPO,
    JAW,
    BEND,
    SHOULDERS,
    HAND,
    HIND;

    /** Without these a look in which nothing was found does not say that nothing is there. */
    static final Set<Check> NEEDED = Set.copyOf(EnumSet.of(SOUNDNESS, CALM, RIDER, HALT, LEG, BEND, SHOULDERS));
}
