package strophos.server.cue;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import strophos.core.cue.Cue;
import strophos.core.exchange.Gait;
import strophos.server.contract.CanBeNull;
import strophos.server.contract.Names;

/**
 * A signal of a pair's.
 *
 * @param gait in which it is given; null when it holds in any
 * @param since the day it was first taught; null when nobody knows
 * @param isProven the horse answers it anywhere
 * @param isPutAway no longer used: it stays to be read, and clashes with nothing
 */
public record CueForm(
        @NotBlank @Size(max = 120) String signal,
        @NotBlank @Size(max = 120) String meaning,
        @CanBeNull Gait gait,
        @CanBeNull LocalDate since,
        @NotNull Boolean isProven,
        @NotNull Boolean isPutAway) {

    public CueForm {
        signal = Names.kept(signal);
        meaning = Names.kept(meaning);
    }

    Cue cue() {
        return new Cue(signal, meaning, Optional.ofNullable(gait));
    }
}
