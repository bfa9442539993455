package strophos.core.school;

import java.util.Optional;

/**
 * What good teachers disagree on and a coach settles for one pair; what is empty is as the school has it. The head's height
 * aimed at is told apart, with the pair; where the weight lies in bends is settled by each exercise; whether errors are
 * prevented or corrected, by each segment. Common practice, no source.
 *
 * @param leg empty: by what the horse does
 * @param bit empty: whatever the horse wears
 * @param order empty: as the school lists the strands
 */
public record Settings(
        Optional<SideReins> sideReins,
        Optional<LegStance> leg,
        Optional<SlackRein> slack,
        Optional<Bit> bit,
        Optional<LandingLead> landingLead,
        Optional<CanterFrom> canterFrom,
        Optional<StrandOrder> order) {

    /** As the school has it. */
    public static final Settings NONE = new Settings(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** Whether a low head may be fixed by side reins, as a stage with its cautions. */
    public enum SideReins {
        ALLOWED,
        NEVER
    }

    /** How the leg lies between two aids. */
    public enum LegStance {
        /** At the horse's side, quietly: for one that is hot, or balks. */
        NEAR,
        /** Away from it: for one that is dull. */
        OFF
    }

    /** What a rein without weight is. */
    public enum SlackRein {
        /** What is worked for. */
        GOAL,
        /** What teaches: given after an answer, and taken up again. */
        RELEASE,
        FAULT
    }

    /** What the pair is taught in. */
    public enum Bit {
        BITLESS,
        SNAFFLE,
        LEVERAGE
    }

    /** What is done when the horse lands on the wrong lead. */
    public enum LandingLead {
        LEFT_ALONE,
        CHANGED
    }

    /** The gait from which the first strike-offs are asked. */
    public enum CanterFrom {
        TROT,
        WALK
    }

    /** What is taught first. */
    public enum StrandOrder {
        FEET_FIRST,
        HEAD_FIRST,
        JAW_FIRST
    }
}
