package strophos.core.stair;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import strophos.core.progress.Decision;

/**
 * Where the coach's decisions have brought a pair, over all strands: a fold of the decisions, of which the latest on a rung
 * wins. It holds all that the decisions before say about those to come.
 *
 * @param passed the rungs passed
 * @param paused the rungs on which help was asked for first
 * @param resting the rungs stepped back from, each with the rung it waits for
 * @param placed the rungs said to be known already and decided on in no other way since; states kept before there were any have
 *     none
 * @param reopened the rungs that were passed and are to be passed again; states kept before there were any have none
 */
public record StairState(
        Set<RungId> passed, Set<RungId> paused, Map<RungId, RungId> resting, Set<RungId> placed, Set<RungId> reopened) {

    /** Nothing is decided yet. */
    public static final StairState START = new StairState(Set.of(), Set.of(), Map.of(), Set.of(), Set.of());

    public StairState {
        passed = Set.copyOf(passed);
        paused = Set.copyOf(paused);
        resting = Map.copyOf(resting);
        placed = placed == null ? Set.of() : Set.copyOf(placed);
        reopened = reopened == null ? Set.of() : Set.copyOf(reopened);
    }

    /** @param wayBack of the rung it is about; empty at the foot */
    public StairState after(StairEvent made, Optional<RungId> wayBack) {
        if (made instanceof DecisionOnRung decided) {
            return after(decided, wayBack);
        }
        return after((Placing) made);
    }

    /** What was decided on a rung stands: placing changes one that was passed, rests or waits for help in nothing. */
    private StairState after(Placing made) {
        Set<RungId> nowPlaced = new HashSet<>(placed);
        if (made.isKnown() && !passed.contains(made.rung())) {
            nowPlaced.add(made.rung());
        } else {
            nowPlaced.remove(made.rung());
        }
        return new StairState(passed, paused, resting, nowPlaced, reopened);
    }

    private StairState after(DecisionOnRung made, Optional<RungId> wayBack) {
        RungId id = made.rung();
        Set<RungId> nowPassed = new HashSet<>(passed);
        Set<RungId> nowPaused = new HashSet<>(paused);
        Map<RungId, RungId> nowResting = new HashMap<>(resting);
        Set<RungId> nowPlaced = new HashSet<>(placed);
        Set<RungId> nowReopened = new HashSet<>(reopened);
        boolean wasPassed = nowPassed.remove(id);
        nowPaused.remove(id);
        nowResting.remove(id);
        switch (made.decision()) {
            case MOVE_ON -> {
                nowPassed.add(id);
                nowPlaced.remove(id);
                nowReopened.remove(id);
                nowResting.values().removeIf(id::equals);
            }
            case STEP_BACK -> {
                nowPlaced.remove(id);
                wayBack.ifPresent(back -> {
                    nowResting.put(id, back);
                    if (nowPassed.remove(back)) {
                        nowReopened.add(back);
                    }
                    nowPlaced.remove(back);
                });
            }
            case GET_HELP -> nowPaused.add(id);
            case REOPEN -> nowPlaced.remove(id);
            case STAY, STAY_HARDER -> {}
        }
        if (wasPassed && made.decision() != Decision.MOVE_ON) {
            nowReopened.add(id);
        }
        return new StairState(nowPassed, nowPaused, nowResting, nowPlaced, nowReopened);
    }

    /** Whether this rung opens those that need it. */
    public boolean isOpening(RungId rung) {
        return passed.contains(rung) || placed.contains(rung);
    }

    /** @param asked rungs asked at least once in a coached lesson */
    RungState of(Rung rung, Set<RungId> asked) {
        if (paused.contains(rung.id())) {
            return RungState.PAUSED;
        }
        if (passed.contains(rung.id())) {
            return RungState.PASSED;
        }
        if (resting.containsKey(rung.id())) {
            return RungState.RESTING;
        }
        if (placed.contains(rung.id())) {
            return RungState.PLACED;
        }
        if (!rung.needs().stream().allMatch(this::isOpening)) {
            return RungState.CLOSED;
        }
        return asked.contains(rung.id()) ? RungState.IN_WORK : RungState.OPEN;
    }
}
