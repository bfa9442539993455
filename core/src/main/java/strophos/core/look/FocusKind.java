package strophos.core.look;

import java.util.Optional;

/** What a lesson is about, by the row that found it. */
public enum FocusKind {
    /** Nothing is ridden: a vet, dentist or fitter first. */
    HELP_FIRST(null, false),
    CONFIDENCE("confidence", false),
    RIDER("rider", false),
    STOP_BACK("stop-back", false),
    ATTENTION("confidence", false),
    FORWARD("forward", false),
    RHYTHM("rhythm", false),
    JAW("jaw", true),
    BEND("bend", true),
    SHOULDERS("shoulders", true),
    CONTACT("contact", true),
    QUARTERS("quarters", true),
    /** Nothing is below 3: the next rung of what is being learnt. */
    NEXT_RUNG(null, false);

    private final String strand;
    private final boolean isSuppling;

    FocusKind(String strand, boolean isSuppling) {
        this.strand = strand;
        this.isSuppling = isSuppling;
    }

    /** The strand whose exercises answer it; empty where no strand does by itself. */
    public Optional<String> strand() {
        return Optional.ofNullable(strand);
    }

    /** Whether schools put it in different places among the others that supple. */
    public boolean isSuppling() {
        return isSuppling;
    }
}
