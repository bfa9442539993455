package strophos.server.tack;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.tack.Curb;
import strophos.core.tack.TackKind;
import strophos.core.tack.TackStage;
import strophos.server.contract.CanBeNull;
import strophos.server.contract.Names;
import strophos.server.problem.Issue;

/**
 * A piece of tack as a pair has it.
 *
 * @param headgear which kind of it, or {@value #OTHER}; null for tack that is none
 * @param aboveMm of a curb, from mouthpiece to upper ring; with it goes the length below. Null: the usual size
 * @param slackMm how far its chain stands off the chin; null when not measured
 * @param since the first day of its use; null while it waits
 * @param until the first day without it; null while nobody has put it away
 * @param firstHolds what must hold before it is used; null where nothing must
 * @param lookedAtOn when its fit was last looked at
 */
public record TackPiece(
        @NotNull TackKind kind,
        @NotBlank @Size(max = 80) String name,
        @Pattern(regexp = "[a-z][a-z0-9-]{0,63}") @CanBeNull String headgear,
        @Min(10) @Max(200) @CanBeNull Integer aboveMm,
        @Min(10) @Max(400) @CanBeNull Integer belowMm,
        @Min(0) @Max(100) @CanBeNull Integer slackMm,
        @CanBeNull LocalDate since,
        @CanBeNull LocalDate until,
        @Size(min = 1, max = 400) @CanBeNull String firstHolds,
        @Size(min = 1, max = 400) @CanBeNull String note,
        @CanBeNull LocalDate lookedAtOn) {

    /** A headgear that is not in the list: nothing is known of where it presses. */
    static final String OTHER = "other";

    public TackPiece {
        name = Names.kept(name);
    }

    TackStage stage(LocalDate day) {
        return TackStage.on(day, Optional.ofNullable(since), Optional.ofNullable(until));
    }

    /** Its own size; empty where it has none, or nobody measured. */
    Optional<Curb> curb() {
        return aboveMm == null || belowMm == null
                ? Optional.empty()
                : Optional.of(new Curb(aboveMm / 1000.0, belowMm / 1000.0));
    }

    /** What cannot be so, beside what each field says of itself. */
    List<Issue> issues() {
        List<Issue> issues = new ArrayList<>();
        if ((kind == TackKind.HEADGEAR) != (headgear != null)) {
            issues.add(new Issue("no_headgear", "piece.headgear", "which headgear, and only for headgear"));
        }
        if ((aboveMm == null) != (belowMm == null)) {
            issues.add(new Issue("half_a_shank", "piece.belowMm", "both lengths of the shank, or none"));
        }
        if (since != null && until != null && until.isBefore(since)) {
            issues.add(new Issue("ends_before", "piece.until", "not before the day it was first used"));
        }
        return issues;
    }
}
