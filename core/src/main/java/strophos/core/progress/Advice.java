package strophos.core.progress;

import java.util.List;
import strophos.core.judgement.Finding;

/**
 * A second opinion on a rung, with its whole why.
 *
 * @param decision what is advised
 * @param choices all that may be chosen
 * @param beside what is offered as well, with its own reason among the findings
 * @param ruleId the rule that carried it
 * @param book rule book and version, kept with every stored advice
 * @param findings each rule's answer, in the book's order
 */
public record Advice(
        Decision decision,
        List<Decision> choices,
        List<Decision> beside,
        String ruleId,
        String book,
        List<Finding> findings) {

    public Advice {
        choices = List.copyOf(choices);
        beside = List.copyOf(beside);
        findings = List.copyOf(findings);
    }

    /** What is still lacking, on either side; empty when the criterion is met. */
    public List<Missing> missing() {
        return findings.stream()
                .flatMap(f -> f.judgement().evidence().stream())
                .filter(RungEvidence.OfSide.class::isInstance)
                .flatMap(e -> ((RungEvidence.OfSide) e).missing().stream())
                .toList();
    }
}
