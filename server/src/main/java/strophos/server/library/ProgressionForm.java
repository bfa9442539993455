package strophos.server.library;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import strophos.catalogue.OwnProgression;

/**
 * A progression as a coach fills it in; sent, kept and handed on alike.
 *
 * @param exercises ids of own ones, in the order in which they are learnt
 */
record ProgressionForm(
        @NotBlank @Size(max = 60) String name,
        @NotNull @Size(min = 1, max = 12) List<@NotBlank @Size(max = 64) String> exercises) {

    OwnProgression progression(String id, boolean isPutAway) {
        return new OwnProgression(id, name.strip(), exercises, isPutAway);
    }
}
