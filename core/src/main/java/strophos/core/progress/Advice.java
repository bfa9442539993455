package strophos.core.progress;

import java.util.List;
import java.util.Map;

/**
 * A second opinion on a rung, with its whole why.
 *
 * @param decision what is advised
 * @param ruleId the rule that carried it
 * @param book rule book and version, kept with every stored advice
 * @param findings each rule's answer, in the book's order
 */
public record Advice(Decision decision, String ruleId, String book, List<Finding> findings) {

    /** One rule's answer. */
    public record Finding(String ruleId, Map<String, Double> thresholds, Judgement judgement) {}

    public Advice {
        findings = List.copyOf(findings);
    }

    /** What is still lacking, on either rein; empty when the criterion is met. */
    public List<Missing> missing() {
        return findings.stream()
                .flatMap(f -> f.judgement().evidence().stream())
                .filter(Evidence.OfRein.class::isInstance)
                .flatMap(e -> ((Evidence.OfRein) e).missing().stream())
                .toList();
    }
}
