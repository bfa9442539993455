package strophos.core.forecast;

/**
 * What is learnt of a rung on one rein, on the day of the last practice.
 *
 * @param skill state in [0, 1]
 * @param halfLifeDays of what lies above the floor
 * @param highest state ever reached
 * @param day of the last practice, counted from any day
 */
public record Learner(LearnerRules rules, double skill, double halfLifeDays, double highest, long day) {

    /** Nothing learnt yet. */
    public static Learner beginning(LearnerRules rules, long day) {
        return new Learner(rules, 0, rules.halfLifeDays(), 0, day);
    }

    /** The state on a later day: what lies above the floor has halved with every half-life. */
    public double skillOn(long later) {
        double kept = Math.min(skill, rules.floor() * highest);
        return kept + (skill - kept) * Math.pow(0.5, (later - day) / halfLifeDays);
    }

    /** After a practice; one that did not succeed adds nothing and takes nothing. */
    public Learner practised(long on, boolean isGood) {
        if (on < day) {
            throw new IllegalArgumentException(
                    "Practices come in order; day %d lies before day %d.".formatted(on, day));
        }
        if (!isGood) {
            return this;
        }
        double now = skillOn(on);
        double then = now + rules.gain() * (1 - now);
        return new Learner(rules, then, halfLifeDays * rules.growth(), Math.max(highest, then), on);
    }

    public boolean isLearntOn(long later) {
        return skillOn(later) >= rules.learnt();
    }
}
