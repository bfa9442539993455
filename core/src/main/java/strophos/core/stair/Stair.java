package strophos.core.stair;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import strophos.core.progress.Decision;

/** Where a pair stands on each rung of a progression. */
public final class Stair {

    private Stair() {}

    /**
     * The states, in the progression's order.
     *
     * @param asked rungs asked at least once in a coached lesson
     * @param decided what the decisions came to; of rungs of other strands nothing is read
     */
    public static Map<RungId, RungState> states(Progression progression, Set<RungId> asked, StairState decided) {
        Map<RungId, RungState> states = new LinkedHashMap<>();
        progression.rungs().forEach(r -> states.put(r.id(), decided.of(r, asked)));
        return states;
    }

    /** What decisions on rungs of this progression come to, in the order they were made; those on others are passed over. */
    public static StairState decided(Progression progression, List<? extends StairEvent> decisions) {
        StairState state = StairState.START;
        for (StairEvent made : decisions) {
            var rung = progression.find(made.rung());
            if (rung.isPresent()) {
                state = state.after(made, rung.get().wayBack());
            }
        }
        return state;
    }

    /**
     * Whether passing this rung would open nothing: every rung that needs it waits for something else as well. False at
     * the top, where moving on ends the strand.
     */
    public static boolean opensNothing(Progression progression, StairState decided, RungId rung) {
        StairState passed = progression
                .find(rung)
                .map(r -> decided.after(new DecisionOnRung(rung, Decision.MOVE_ON), r.wayBack()))
                .orElse(decided);
        List<Rung> waiting = progression.rungs().stream()
                .filter(r -> r.needs().contains(rung))
                .toList();
        return !waiting.isEmpty()
                && waiting.stream().allMatch(r -> {
                    RungState state = passed.of(r, Set.of());
                    return state == RungState.CLOSED || state == RungState.PAUSED || state == RungState.RESTING;
                });
    }
}
