package strophos.core.judgement;

import java.util.Map;

/** One rule's answer, with the thresholds it was judged by. */
public record Finding(String ruleId, Map<String, Double> thresholds, Judgement judgement) {
    public Finding {
        thresholds = Map.copyOf(thresholds);
    }
}
