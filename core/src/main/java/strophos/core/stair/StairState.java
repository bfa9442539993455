package strophos.core.stair;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Where the coach's decisions have brought a pair, over all strands: a fold of the decisions, of which the latest on a rung
 * wins. It holds all that the decisions before say about those to come.
 *
 * @param passed the rungs passed
 * @param paused the rungs on which help was asked for first
 * @param resting the rungs stepped back from, each with the rung it waits for
 */
public record StairState(Set<RungId> passed, Set<RungId> paused, Map<RungId, RungId> resting) {

    /** Nothing is decided yet. */
    public static final StairState START = new StairState(Set.of(), Set.of(), Map.of());

    public StairState {
        passed = Set.copyOf(passed);
        paused = Set.copyOf(paused);
        resting = Map.copyOf(resting);
    }

    /** @param wayBack of the rung decided on; empty at the foot */
    public StairState after(DecisionOnRung made, Optional<RungId> wayBack) {
        RungId id = made.rung();
        Set<RungId> nowPassed = new HashSet<>(passed);
        Set<RungId> nowPaused = new HashSet<>(paused);
        Map<RungId, RungId> nowResting = new HashMap<>(resting);
        nowPassed.remove(id);
        nowPaused.remove(id);
        nowResting.remove(id);
        switch (made.decision()) {
            case MOVE_ON -> {
                nowPassed.add(id);
                nowResting.values().removeIf(id::equals);
            }
            case STEP_BACK ->
                wayBack.ifPresent(back -> {
                    nowResting.put(id, back);
                    nowPassed.remove(back);
                });
            case GET_HELP -> nowPaused.add(id);
            case STAY, STAY_HARDER, REOPEN -> {}
        }
        return new StairState(nowPassed, nowPaused, nowResting);
    }

    /** @param asked rungs asked at least once in a coached lesson */
    RungState of(Rung rung, Set<RungId> asked) {
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
