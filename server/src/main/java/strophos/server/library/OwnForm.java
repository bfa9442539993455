package strophos.server.library;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import strophos.catalogue.Exercise;
import strophos.catalogue.OwnExercise;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.stair.RungId;
import strophos.server.contract.CanBeNull;

/**
 * An exercise as a coach fills it in; sent, kept and handed on alike.
 *
 * @param shortName for a button; the name, cut, where it is null
 * @param from the shipped exercise it was copied from; null for none
 * @param strand a shipped strand it is taught in; null: that of its original, else own
 * @param steps gaits and places it is ridden at
 * @param needs rungs before the first of them
 * @param gate what opens the next step of homework; null for the usual one
 */
record OwnForm(
        @NotBlank @Size(max = 60) String name,
        @Size(max = 18) @CanBeNull String shortName,
        @Size(max = 64) @CanBeNull String from,
        @Size(max = 64) @CanBeNull String strand,
        @NotNull @Size(min = 1, max = 8) List<@NotNull @Valid StepForm> steps,
        @NotNull @Size(max = 6) List<@NotBlank @Size(max = 140) String> needs,
        @NotNull WorkedSide works,
        @NotNull Exercise.People people,
        @NotNull Boolean isHard,
        @NotNull @Valid DoseForm dose,
        @Valid @CanBeNull GateForm gate,
        @NotNull @Size(max = 600) String instruction,
        @NotBlank @Size(max = 200) String feel,
        @NotNull @Size(max = 200) String goesWrong,
        @NotNull @Size(max = 200) String secondBest,
        @NotNull @Size(min = 1, max = 8) List<@NotBlank @Size(max = 120) String> stopIf,
        @NotNull @Size(max = 8) List<@NotBlank @Size(max = 200) String> cautions) {

    record StepForm(@NotNull Gait gait, @NotNull Place place) {}

    /** @param minutesEach about how long one takes, in minutes; above 0 */
    record DoseForm(
            @NotNull @Min(1) @Max(60) Integer least,
            @NotNull @Min(1) @Max(60) Integer most,
            @NotNull DoseRange.Unit unit,
            @NotNull @DecimalMin("0.05") @Max(20) Double minutesEach) {}

    /**
     * @param easyRunning so many easy reports running
     * @param minDays and so many days since the step began
     */
    record GateForm(
            @NotNull @Min(1) @Max(10) Integer easyRunning,
            @NotNull @Min(0) @Max(90) Integer minDays) {}

    /**
     * The exercise it describes.
     *
     * @throws IllegalArgumentException when a need is not written as a rung is
     */
    OwnExercise exercise(String id, boolean isPutAway) {
        return new OwnExercise(
                id,
                name.strip(),
                Optional.ofNullable(shortName),
                Optional.ofNullable(from),
                Optional.ofNullable(strand),
                steps.stream()
                        .map(s -> new OwnExercise.Step(s.gait(), s.place()))
                        .toList(),
                rungs(),
                works,
                people,
                isHard,
                new DoseRange(dose.least(), Math.max(dose.least(), dose.most()), dose.unit(), dose.minutesEach()),
                Optional.ofNullable(gate).map(g -> new Gate(g.easyRunning(), g.minDays(), OptionalDouble.empty())),
                new OwnExercise.Words(
                        instruction.strip(), feel.strip(), goesWrong.strip(), secondBest.strip(), stopIf, cautions),
                isPutAway);
    }

    private Set<RungId> rungs() {
        return new TreeSet<>(needs).stream().map(RungId::of).collect(Collectors.toSet());
    }
}
