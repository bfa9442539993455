package strophos.server.intake;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import strophos.server.contract.CanBeNull;

/**
 * What is known of rider and horse together; null where nobody has asked.
 *
 * @param togetherSince the first day they were a pair; of a month that is remembered, its first day
 * @param grounds where they ride: arena, slope, hills, roads
 * @param kit what is there to work with
 * @param otherTeachers who else teaches them, and how
 * @param clashes what of that says the opposite of what is asked here
 * @param head where the ears are to be carried
 */
public record PairIntake(
        @CanBeNull LocalDate togetherSince,
        @Size(max = HorseIntake.TEXT) @CanBeNull String grounds,
        @Size(max = HorseIntake.TEXT) @CanBeNull String kit,
        @Size(max = HorseIntake.TEXT) @CanBeNull String otherTeachers,
        @Size(max = HorseIntake.TEXT) @CanBeNull String clashes,
        @Valid @CanBeNull HeadHeight head,
        @NotNull @Size(max = 6) List<@NotNull @Valid UnwantedGait> unwanted) {

    static final PairIntake EMPTY = new PairIntake(null, null, null, null, null, null, List.of());

    /** Ears above the withers, in centimetres; below them less than 0. */
    public record HeadHeight(
            @NotNull @Min(-90) @Max(120) Integer leastCm,
            @NotNull @Min(-90) @Max(120) Integer mostCm) {}

    /**
     * A gait or mix that this horse is not to use.
     *
     * @param sign how it shows; null where nobody has said
     */
    public record UnwantedGait(
            @NotBlank @Size(max = 60) String name,
            @Size(max = 200) @CanBeNull String sign) {}

    public PairIntake {
        unwanted = unwanted == null ? List.of() : List.copyOf(unwanted);
    }
}
