package strophos.core.forecast;

import strophos.core.judgement.Thresholds;

/**
 * How a rung is learnt and forgotten.
 *
 * @param gain part of what is lacking that a good practice adds, in (0, 1)
 * @param halfLifeDays of what lies above the floor, at first
 * @param growth of the half-life with each good practice, at least 1
 * @param floor share of the highest state reached that is not forgotten, in [0, 1)
 * @param learnt the state at which the criterion is taken to hold
 */
public record LearnerRules(double gain, double halfLifeDays, double growth, double floor, double learnt) {

    public LearnerRules {
        if (!(gain > 0 && gain < 1) || !(halfLifeDays > 0) || !(growth >= 1) || !(floor >= 0 && floor < 1)) {
            throw new IllegalArgumentException(
                    "A learner needs a gain in (0, 1) (%s), a half-life above 0 (%s), a growth of at least 1 (%s) and a floor in [0, 1) (%s)."
                            .formatted(gain, halfLifeDays, growth, floor));
        }
    }

    /** @param t of {@link ForecastThresholds#SET} */
    public static LearnerRules of(Thresholds t) {
        return new LearnerRules(
                t.get("learner.gain"),
                t.get("learner.halfLifeDays"),
                t.get("learner.growth"),
                t.get("learner.floor"),
                t.get("learner.learnt"));
    }

    LearnerRules withGain(double other) {
        return new LearnerRules(other, halfLifeDays, growth, floor, learnt);
    }
}
