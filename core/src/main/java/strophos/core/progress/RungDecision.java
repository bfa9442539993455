package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;

/**
 * The rule book of a rung's decision, read from the top: the first step-back rule that holds decides; else the
 * criterion moves on; else stay, naming what is missing.
 *
 * @param stepBack in the order they are read
 * @param criterion of the rung
 */
public record RungDecision(List<Rule> stepBack, RateCriterion criterion) {

    public static final String BOOK = "rung-decision/1";

    public RungDecision {
        stepBack = List.copyOf(stepBack);
    }

    /** The book with its default thresholds and the rung's own criterion. */
    public static RungDecision with(RateCriterion criterion) {
        return new RungDecision(List.of(Forcing.DEFAULT, TooFewTries.DEFAULT, OneReinFails.DEFAULT), criterion);
    }

    /** The advice for a rung whose last lesson is the one judged. */
    public Advice advise(RungFacts facts) {
        List<Advice.Finding> findings = new ArrayList<>();
        stepBack.forEach(rule -> findings.add(finding(rule, facts)));
        List<Advice.Finding> all = new ArrayList<>(findings);
        Advice.Finding rate = finding(criterion, facts);
        all.add(rate);
        return findings.stream()
                .filter(f -> f.judgement() instanceof Judgement.Met)
                .findFirst()
                .map(f -> new Advice(Decision.STEP_BACK, f.ruleId(), BOOK, all))
                .orElseGet(() -> new Advice(
                        rate.judgement() instanceof Judgement.Met ? Decision.MOVE_ON : Decision.STAY,
                        criterion.id(),
                        BOOK,
                        all));
    }

    private static Advice.Finding finding(Rule rule, RungFacts facts) {
        return new Advice.Finding(rule.id(), rule.thresholds(), rule.judge(facts));
    }
}
