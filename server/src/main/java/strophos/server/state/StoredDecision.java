package strophos.server.state;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import strophos.core.progress.Decision;
import strophos.core.stair.DecisionOnRung;
import strophos.core.stair.Placing;
import strophos.core.stair.RungId;
import strophos.core.stair.StairEvent;

/**
 * A decision, or a placing, as a state folds it; the rung may have left the catalogue since.
 *
 * @param lesson the decision's; empty for a placing, which belongs to none
 * @param chosen a decision's word, {@link #PLACED} or {@link #TAKEN_BACK}
 */
public record StoredDecision(UUID id, UUID pair, Optional<UUID> lesson, String rung, String chosen, Instant at) {

    static final String PLACED = "PLACED";
    static final String TAKEN_BACK = "TAKEN_BACK";

    /** What was decided; empty for a placing. */
    public Optional<Decision> decision() {
        return chosen.equals(PLACED) || chosen.equals(TAKEN_BACK)
                ? Optional.empty()
                : Optional.of(Decision.valueOf(chosen));
    }

    public StairEvent on(RungId known) {
        return decision()
                .<StairEvent>map(d -> new DecisionOnRung(known, d))
                .orElseGet(() -> new Placing(known, chosen.equals(PLACED)));
    }
}
