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
 * What is known of a horse, whoever rides it; null where nobody has asked.
 *
 * @param formerUse what it was used for before
 * @param trainedYears under saddle or in harness
 * @param timeOff breaks from work, and why
 * @param teethOn when they were last looked at
 * @param soundness what was seen or told of its legs and back, the latest first as it is written
 * @param ownGait of a gaited horse, as its coach calls it
 * @param turnoutDays days a week on which it is turned out
 */
public record HorseIntake(
        @Size(max = 80) @CanBeNull String breed,
        @Size(max = TEXT) @CanBeNull String formerUse,
        @Min(0) @Max(40) @CanBeNull Integer trainedYears,
        @Size(max = TEXT) @CanBeNull String temperament,
        @Size(max = TEXT) @CanBeNull String fears,
        @Size(max = TEXT) @CanBeNull String sightAndHearing,
        @Size(max = TEXT) @CanBeNull String history,
        @Size(max = TEXT) @CanBeNull String timeOff,
        @CanBeNull LocalDate teethOn,
        @NotNull @Size(max = 40) List<@NotNull @Valid DatedNote> soundness,
        @Size(max = 60) @CanBeNull String ownGait,
        @Min(0) @Max(7) @CanBeNull Integer turnoutDays,
        @Min(0) @Max(24) @CanBeNull Integer turnoutHours) {

    /** So many characters a text. */
    static final int TEXT = 400;

    static final HorseIntake EMPTY =
            new HorseIntake(null, null, null, null, null, null, null, null, null, List.of(), null, null, null);

    /** Of a day; a text that is not blank. */
    public record DatedNote(
            @NotNull LocalDate on,
            @NotBlank @Size(max = TEXT) String note) {}

    public HorseIntake {
        soundness = soundness == null ? List.of() : List.copyOf(soundness);
    }
}
