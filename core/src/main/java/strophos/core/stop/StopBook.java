package strophos.core.stop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.judgement.Finding;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.school.Teaching;
import strophos.core.school.WhenStuck;

/**
 * The rule book of stopping, the gravest first.
 *
 * <ol>
 *   <li>■ stop: tired or breath not settled; too hot; worked long enough
 *   <li>stuck after a step back: by the school, end on something known, or stay until it softens; with a fright always end
 *   <li>a good place to stop
 *   <li>it does not become good: end on something known
 * </ol>
 */
public final class StopBook {

    private final List<Rule<RideSoFar>> hard;
    private final Rule<RideSoFar> stuck;
    private final Rule<RideSoFar> good;
    private final Rule<RideSoFar> notGood;
    private final String book;

    private StopBook(Thresholds t) {
        hard = List.of(new Tired(), TooHot.of(t), WorkedLongEnough.of(t));
        stuck = StuckAfterStepBack.of(t);
        good = GoodPlace.of(t);
        notGood = DoesNotBecomeGood.of(t);
        book = t.book();
    }

    /** @param t of {@link StopThresholds#SET} */
    public static StopBook with(Thresholds t) {
        return new StopBook(t);
    }

    /** What to do. */
    public enum StopAdvice {
        /** A safety cap: stop now. */
        STOP,
        /** Something it can do, one YES, stretch, end. */
        END_ON_KNOWN,
        STAY_UNTIL_SOFT,
        GOOD_PLACE
    }

    /** @param advice empty to ride on */
    public record Ruling(Optional<StopAdvice> advice, Optional<String> ruleId, String book, List<Finding> findings) {
        public Ruling {
            findings = List.copyOf(findings);
        }
    }

    public Ruling advise(RideSoFar ride) {
        List<Finding> findings = new ArrayList<>();
        Optional<StopAdvice> advice = Optional.empty();
        Optional<String> ruleId = Optional.empty();
        for (Rule<RideSoFar> rule : rules()) {
            Finding finding = rule.find(ride);
            findings.add(finding);
            if (advice.isEmpty() && finding.judgement().isMet()) {
                advice = Optional.of(then(rule, ride));
                ruleId = Optional.of(rule.id());
            }
        }
        return new Ruling(advice, ruleId, book, findings);
    }

    private List<Rule<RideSoFar>> rules() {
        List<Rule<RideSoFar>> rules = new ArrayList<>(hard);
        rules.add(stuck);
        rules.add(good);
        rules.add(notGood);
        return rules;
    }

    private StopAdvice then(Rule<RideSoFar> rule, RideSoFar ride) {
        if (rule == stuck) {
            boolean stays = Teaching.of(ride.school()).whenStuck() == WhenStuck.STAY_UNTIL_SOFT && !ride.isFrightened();
            return stays ? StopAdvice.STAY_UNTIL_SOFT : StopAdvice.END_ON_KNOWN;
        }
        if (rule == notGood) {
            return StopAdvice.END_ON_KNOWN;
        }
        return rule == good ? StopAdvice.GOOD_PLACE : StopAdvice.STOP;
    }
}
