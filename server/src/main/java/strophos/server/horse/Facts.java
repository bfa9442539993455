package strophos.server.horse;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.OptionalDouble;
import strophos.core.welfare.HorseWeight;
import strophos.server.contract.CanBeNull;

/**
 * What a plan must know of a pair; null where nobody has said.
 *
 * @param heightCm at the withers
 * @param horseKg what the horse weighs, on a scale; where nobody weighed it, its girth and length say about how much
 * @param girthCm round the chest behind the elbow
 * @param lengthCm from the point of the shoulder to the point of the buttock
 * @param shouldWeighKg what the horse should weigh; where nobody said, what it weighs counts
 * @param inWorkSince the day the horse began its first year of work
 * @param backSince the day it came back from a break; with it go the weeks off and the minutes a day before
 */
public record Facts(
        @Min(60) @Max(220) @CanBeNull Integer heightCm,
        @Min(1980) @Max(2100) @CanBeNull Integer bornYear,
        @CanBeNull LocalDate inWorkSince,
        @CanBeNull LocalDate backSince,
        @Min(2) @Max(260) @CanBeNull Integer weeksOff,
        @Min(5) @Max(180) @CanBeNull Integer minutesBefore,
        @DecimalMin("50") @DecimalMax("1200") @CanBeNull BigDecimal horseKg,
        @Min(60) @Max(260) @CanBeNull Integer girthCm,
        @Min(60) @Max(260) @CanBeNull Integer lengthCm,
        @DecimalMin("50") @DecimalMax("1200") @CanBeNull BigDecimal shouldWeighKg,
        @DecimalMin("15") @DecimalMax("250") @CanBeNull BigDecimal riderKg,
        @DecimalMin("0") @DecimalMax("40") @CanBeNull BigDecimal tackKg) {

    Facts backAfter(HorseReader.AfterRest rest) {
        return new Facts(
                heightCm,
                bornYear,
                inWorkSince,
                rest.since(),
                rest.weeksOff(),
                rest.minutesBefore(),
                horseKg,
                girthCm,
                lengthCm,
                shouldWeighKg,
                riderKg,
                tackKg);
    }

    /** By its girth and length, in kilograms; empty where they were not measured. */
    OptionalDouble tapeKg() {
        return girthCm == null || lengthCm == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(HorseWeight.byTapeKg(girthCm, lengthCm));
    }

    /** What the horse weighs, on a scale or else by tape; empty where neither was measured. */
    OptionalDouble weighsKg() {
        return horseKg == null ? tapeKg() : OptionalDouble.of(horseKg.doubleValue());
    }

    /** A break is told whole or not at all. */
    boolean isWayBackWhole() {
        boolean all = backSince != null && weeksOff != null && minutesBefore != null;
        boolean none = backSince == null && weeksOff == null && minutesBefore == null;
        return all || none;
    }
}
