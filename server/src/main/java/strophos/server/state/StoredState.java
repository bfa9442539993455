package strophos.server.state;

import java.util.UUID;
import strophos.core.state.PairState;
import strophos.server.contract.CanBeNull;

/**
 * A state from which a pair is folded on: of the lessons up to this one, and of the decisions made before it began.
 *
 * @param madeBy the rules it was judged by; null before the first lesson
 */
record StoredState(UUID pair, LessonKey upTo, @CanBeNull String madeBy, PairState state) {

    static StoredState start(UUID pair) {
        return new StoredState(pair, LessonKey.FIRST, null, PairState.START);
    }

    boolean isStart() {
        return madeBy == null;
    }
}
