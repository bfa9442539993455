package strophos.server.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import strophos.core.ground.MergedGround;
import strophos.core.stride.Pace;

/**
 * What one pair of a group rides, and when.
 *
 * @param thing where it would stand by itself
 * @param fromS from the beginning of the lesson
 * @param lastsS so long
 */
record WantedNeed(
        @NotNull @Valid WantedThing thing,
        @NotNull UUID pair,
        @NotNull Pace pace,
        @NotNull @Min(0) @Max(14_400) Integer fromS,
        @NotNull @Min(1) @Max(14_400) Integer lastsS) {

    MergedGround.Span span() {
        return new MergedGround.Span(fromS, fromS + lastsS);
    }
}
