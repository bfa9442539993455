package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;

/**
 * Stepping back did not help: one of {@code stepBack} held at the end of each of the last {@code lessons} lessons on the rung.
 * It is judged anew from the record, whatever the coach chose then.
 */
record ThreeStepBacks(int lessons, List<Rule<RungFacts>> stepBack) implements Rule<RungFacts> {

    @Override
    public String id() {
        return "get-help.three-step-backs";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("lessons", (double) lessons);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        int n = facts.lessons().size();
        int running = 0;
        while (running < Math.min(n, lessons) && isStepBack(facts.upTo(n - running))) {
            running++;
        }
        return Judgement.of(
                running == lessons,
                new RungEvidence.OfTimes(RungEvidence.Subject.STEP_BACKS, running, lessons, List.of()));
    }

    private boolean isStepBack(RungFacts facts) {
        return stepBack.stream().anyMatch(rule -> rule.judge(facts).isMet());
    }
}
