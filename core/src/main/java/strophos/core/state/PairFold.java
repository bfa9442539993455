package strophos.core.state;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.progress.RungFacts;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.StairEvent;
import strophos.core.stair.StairState;

/**
 * Carries a pair's state on, lesson by lesson. Lessons are given in the order in which they began, decisions in the order in
 * which they were made; one does not read the other, so that how they are mixed changes nothing.
 */
public final class PairFold {

    private final Judge judge;
    private final Map<RungId, RungFacts> last;
    private final Map<RungId, RungRecord> rungs;
    private int lessons;
    private StairState stair;

    /**
     * @param from the state before
     * @param last the last lessons before, on each rung that will be ridden; a rung that is missing was never ridden
     */
    public PairFold(PairState from, Map<RungId, RungFacts> last, Judge judge) {
        this.judge = judge;
        this.last = new HashMap<>(last);
        this.rungs = new HashMap<>(from.rungs());
        this.lessons = from.lessons();
        this.stair = from.stair();
    }

    /** From the very beginning. */
    public static PairFold start(Judge judge) {
        return new PairFold(PairState.START, Map.of(), judge);
    }

    public void ride(RiddenLesson lesson) {
        lessons++;
        lesson.rungs().forEach((rung, facts) -> {
            RungFacts before = last.getOrDefault(rung, judge.none(rung));
            RungFacts now = before.and(facts);
            if (now != before) {
                last.put(rung, now);
                Optional<RungRecord> record = Optional.ofNullable(rungs.get(rung));
                rungs.put(
                        rung,
                        judge.record(
                                rung,
                                record.map(RungRecord::lessons).orElse(0) + 1,
                                record.map(RungRecord::asks).orElse(0)
                                        + now.lastLesson().size(),
                                lessons,
                                now));
            }
        });
    }

    /** What was decided or said of a rung that the catalogue does not have (any more) is passed over. */
    public void decide(StairEvent made) {
        judge.rungs().apply(made.rung()).map(Rung::wayBack).ifPresent(wayBack -> stair = stair.after(made, wayBack));
    }

    /** Judges anew what is known of all rungs by the last lessons on each, which must all have been given. */
    public void judgeAnew() {
        for (RungRecord r : List.copyOf(rungs.values())) {
            rungs.put(
                    r.rung(),
                    judge.record(
                            r.rung(),
                            r.lessons(),
                            r.asks(),
                            r.lastLesson(),
                            last.getOrDefault(r.rung(), judge.none(r.rung()))));
        }
    }

    public PairState state() {
        return new PairState(lessons, stair, rungs);
    }
}
