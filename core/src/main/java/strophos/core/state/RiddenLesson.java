package strophos.core.state;

import java.util.Map;
import strophos.core.progress.LessonFacts;
import strophos.core.stair.RungId;

/** One lesson of a pair: what was asked and observed on each rung, whoever rode. */
public record RiddenLesson(Map<RungId, LessonFacts> rungs) {

    public RiddenLesson {
        rungs = Map.copyOf(rungs);
    }
}
