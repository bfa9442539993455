package strophos.server.rules;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.aid.AidThresholds;
import strophos.core.aid.CorrectedConsistently;
import strophos.core.cause.SideBySide;
import strophos.core.homework.HomeworkThresholds;
import strophos.core.judgement.Overruling;
import strophos.core.judgement.Sheet;
import strophos.core.judgement.Thresholds;
import strophos.core.pause.PauseThresholds;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungThresholds;
import strophos.core.progress.StifferSide;
import strophos.core.stop.StopThresholds;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** The rule books as they hold in the viewer's yard. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class YardRules {

    private final ThresholdRepository thresholds;

    YardRules(ThresholdRepository thresholds) {
        this.thresholds = thresholds;
    }

    public RungDecision rungDecision() {
        return RungDecision.with(of(RungThresholds.SHEET));
    }

    public StifferSide stifferSide() {
        return StifferSide.of(of(StifferSide.SHEET));
    }

    public Thresholds stopping() {
        return of(StopThresholds.SHEET);
    }

    public SideBySide sideBySide() {
        return SideBySide.of(of(SideBySide.SHEET));
    }

    public CorrectedConsistently consistency() {
        return CorrectedConsistently.of(of(AidThresholds.SHEET));
    }

    public Thresholds homework() {
        return of(HomeworkThresholds.SHEET);
    }

    public Thresholds pausing() {
        return of(PauseThresholds.SHEET);
    }

    Map<String, Double> changes(Sheet sheet) {
        return thresholds.changes(sheet.book());
    }

    /** Puts these in place of all earlier changes of the book; the standards hold for what is not named. */
    void change(Sheet sheet, Map<String, Double> changes, Instant at) {
        List<Issue> issues =
                sheet.refusals(changes).stream().map(YardRules::issue).toList();
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        thresholds.replace(sheet.book(), changes, at);
    }

    List<Overruling> overrulings() {
        return Overruling.report(thresholds.choices());
    }

    private Thresholds of(Sheet sheet) {
        return sheet.with(thresholds.changes(sheet.book()));
    }

    private static Issue issue(Sheet.Refusal refusal) {
        String expected = switch (refusal.why()) {
            case UNKNOWN -> "a threshold of this book";
            case OUT_OF_RANGE -> "a value in [%s, %s]".formatted(refusal.least(), refusal.most());
            case LOOSENS_A_CAP ->
                "a safety cap can be tightened only: a value in [%s, %s]".formatted(refusal.least(), refusal.most());
        };
        return new Issue(
                refusal.why().name().toLowerCase(java.util.Locale.ROOT), "changes." + refusal.name(), expected);
    }
}
