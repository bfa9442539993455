package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.judgement.Finding;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * The rule book of a rung's decision, read from the top: the first rule that holds decides.
 *
 * <ol>
 *   <li>get help: pain signs; a step back advised in three lessons running
 *   <li>where it was passed: re-open when it fails on two days running, else it stays passed; one bad day is no step back
 *   <li>step back: forcing; too few tries; one side fails; a fright repeats
 *   <li>move on: the criterion holds (stay and make harder where the next rung is closed; width is offered beside)
 *   <li>stay, naming what is missing
 * </ol>
 */
public final class RungDecision {

    private final Thresholds thresholds;
    private final List<Rule<RungFacts>> stepBack;
    private final Rule<RungFacts> reopen;
    private final Rule<RungFacts> width;

    private RungDecision(Thresholds t) {
        thresholds = t;
        stepBack = List.of(Forcing.of(t), TooFewTries.of(t), OneSideFails.of(t), FrightRepeats.of(t));
        reopen = FailsTwoDays.of(t);
        width = RoomForWidth.of(t);
    }

    /** @param thresholds of {@link RungThresholds#SET}, the yard's changes included */
    public static RungDecision with(Thresholds thresholds) {
        return new RungDecision(thresholds);
    }

    /** The book with its standards. */
    public static RungDecision standard() {
        return with(RungThresholds.SET.standard());
    }

    /** The exercise's own criterion, or what holds where it names none. */
    public Criterion criterion(Optional<Criterion> own) {
        return own.orElseGet(() -> RateCriterion.of(thresholds));
    }

    /** The advice for a rung whose last lesson is the one judged. */
    public Advice advise(RungFacts facts, Optional<Criterion> own, Standing standing) {
        Criterion criterion = criterion(own);
        Reading reading = new Reading(facts, standing.isPassed());
        reading.read(Decision.GET_HELP, new PainSigns(standing.painSigns()));
        reading.read(Decision.GET_HELP, new ThreeStepBacks(thresholds.whole("three-step-backs.lessons"), stepBack));
        if (standing.isPassed()) {
            reading.read(Decision.REOPEN, reopen);
            return reading.advice(Decision.MOVE_ON, reopen.id(), List.of(), thresholds.book());
        }
        stepBack.forEach(rule -> reading.read(Decision.STEP_BACK, rule));
        reading.read(standing.isNextClosed() ? Decision.STAY_HARDER : Decision.MOVE_ON, criterion);
        Finding room = reading.beside(width);
        boolean isWidthOffered = reading.decision.equals(Optional.of(Decision.MOVE_ON))
                && room.judgement().isMet();
        return reading.advice(
                Decision.STAY,
                criterion.id(),
                isWidthOffered ? List.of(Decision.STAY_HARDER) : List.of(),
                thresholds.book());
    }

    /** The book read down once. */
    private static final class Reading {
        private final RungFacts facts;
        private final boolean isPassed;
        private final List<Finding> findings = new ArrayList<>();
        private Optional<Decision> decision = Optional.empty();
        private Optional<String> ruleId = Optional.empty();

        Reading(RungFacts facts, boolean isPassed) {
            this.facts = facts;
            this.isPassed = isPassed;
        }

        void read(Decision then, Rule<RungFacts> rule) {
            Finding finding = rule.find(facts);
            findings.add(finding);
            if (decision.isEmpty() && finding.judgement().isMet()) {
                decision = Optional.of(then);
                ruleId = Optional.of(rule.id());
            }
        }

        Advice advice(Decision otherwise, String otherwiseBy, List<Decision> beside, String book) {
            return new Advice(
                    decision.orElse(otherwise),
                    Decision.choices(isPassed),
                    beside,
                    ruleId.orElse(otherwiseBy),
                    book,
                    findings);
        }

        Finding beside(Rule<RungFacts> rule) {
            Finding finding = rule.find(facts);
            findings.add(finding);
            return finding;
        }
    }
}
