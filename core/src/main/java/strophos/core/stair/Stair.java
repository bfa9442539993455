package strophos.core.stair;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import strophos.core.progress.Decision;

/** Where a pair stands on each rung of a progression. */
public final class Stair {

    private final Progression progression;
    private final Set<RungId> passed = new HashSet<>();
    private final Set<RungId> paused = new HashSet<>();
    /** Rungs stepped back from, each with the rung it waits for. */
    private final Map<RungId, RungId> resting = new HashMap<>();

    private Stair(Progression progression) {
        this.progression = progression;
    }

    /**
     * The states, in the progression's order.
     *
     * @param asked rungs asked at least once in a coached lesson
     * @param decisions in the order they were made; those on rungs of other strands are passed over
     */
    public static Map<RungId, RungState> states(Progression progression, Set<RungId> asked, List<Decided> decisions) {
        Stair stair = new Stair(progression);
        decisions.forEach(stair::take);
        Map<RungId, RungState> states = new LinkedHashMap<>();
        progression.rungs().forEach(r -> states.put(r.id(), stair.state(r, asked)));
        return states;
    }

    /**
     * Whether passing this rung would open nothing: every rung that needs it waits for something else as well. False at
     * the top, where moving on ends the strand.
     */
    public static boolean opensNothing(Progression progression, List<Decided> decisions, RungId rung) {
        Stair stair = new Stair(progression);
        decisions.forEach(stair::take);
        stair.take(new Decided(rung, Decision.MOVE_ON));
        List<Rung> waiting = progression.rungs().stream()
                .filter(r -> r.needs().contains(rung))
                .toList();
        return !waiting.isEmpty()
                && waiting.stream().allMatch(r -> {
                    RungState state = stair.state(r, Set.of());
                    return state == RungState.CLOSED || state == RungState.PAUSED || state == RungState.RESTING;
                });
    }

    private void take(Decided made) {
        Optional<Rung> rung = progression.find(made.rung());
        if (rung.isEmpty()) {
            return;
        }
        RungId id = made.rung();
        passed.remove(id);
        paused.remove(id);
        resting.remove(id);
        switch (made.decision()) {
            case MOVE_ON -> {
                passed.add(id);
                resting.values().removeIf(id::equals);
            }
            case STEP_BACK ->
                rung.get().wayBack().ifPresent(back -> {
                    resting.put(id, back);
                    passed.remove(back);
                });
            case GET_HELP -> paused.add(id);
            case STAY, STAY_HARDER, REOPEN -> {}
        }
    }

    private RungState state(Rung rung, Set<RungId> asked) {
        if (!rung.awaits().isEmpty()) {
            return RungState.CLOSED;
        }
        if (paused.contains(rung.id())) {
            return RungState.PAUSED;
        }
        if (passed.contains(rung.id())) {
            return RungState.PASSED;
        }
        if (resting.containsKey(rung.id())) {
            return RungState.RESTING;
        }
        if (!passed.containsAll(rung.needs())) {
            return RungState.CLOSED;
        }
        return asked.contains(rung.id()) ? RungState.IN_WORK : RungState.OPEN;
    }
}
