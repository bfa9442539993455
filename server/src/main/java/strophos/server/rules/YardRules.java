package strophos.server.rules;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.aid.AidThresholds;
import strophos.core.aid.AsksLightlyFirst;
import strophos.core.aid.CorrectedConsistently;
import strophos.core.aid.CorrectedWhenClear;
import strophos.core.aid.DrivesIntoTheHand;
import strophos.core.aid.ReleasedPromptly;
import strophos.core.aid.WaitedThenReinforced;
import strophos.core.cause.HelpedToday;
import strophos.core.cause.HelpsMoreThanWaiting;
import strophos.core.cause.HelpsOverDays;
import strophos.core.cause.ProbeThresholds;
import strophos.core.cause.SideBySide;
import strophos.core.change.ChangeThresholds;
import strophos.core.change.Plateau;
import strophos.core.change.Thirds;
import strophos.core.forecast.ForecastThresholds;
import strophos.core.homework.HomeworkThresholds;
import strophos.core.judgement.Overruling;
import strophos.core.judgement.ThresholdSet;
import strophos.core.judgement.Thresholds;
import strophos.core.load.LoadThresholds;
import strophos.core.pause.PauseThresholds;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungThresholds;
import strophos.core.progress.StifferSide;
import strophos.core.record.Helps;
import strophos.core.stop.StopThresholds;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** The rule books as they hold in the viewer's yard. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class YardRules {

    private final ThresholdRepository thresholds;
    private final YardSettings settings;
    private final ApplicationEventPublisher events;

    YardRules(ThresholdRepository thresholds, YardSettings settings, ApplicationEventPublisher events) {
        this.thresholds = thresholds;
        this.settings = settings;
        this.events = events;
    }

    public RungDecision rungDecision() {
        return RungDecision.with(of(RungThresholds.SET));
    }

    public StifferSide stifferSide() {
        return StifferSide.of(of(StifferSide.SET));
    }

    /** All thresholds by which a pair's state is judged: of a rung's decision, and of its sides. */
    public List<Thresholds> judging() {
        return List.of(of(RungThresholds.SET), of(StifferSide.SET));
    }

    public Thresholds stopping() {
        return of(StopThresholds.SET);
    }

    public Thresholds loading() {
        return of(LoadThresholds.SET);
    }

    public HelpedToday helpedToday() {
        return HelpedToday.of(of(ProbeThresholds.SET));
    }

    /** What is said of exercises after which a rung went better. */
    public Helps helps() {
        return new Helps(helpsOverDays(), helpsMoreThanWaiting());
    }

    public HelpsOverDays helpsOverDays() {
        return HelpsOverDays.of(of(ProbeThresholds.SET));
    }

    public HelpsMoreThanWaiting helpsMoreThanWaiting() {
        return HelpsMoreThanWaiting.of(of(ProbeThresholds.SET));
    }

    public SideBySide sideBySide() {
        return SideBySide.of(of(SideBySide.SET));
    }

    public Thirds thirds() {
        return Thirds.of(of(ChangeThresholds.SET));
    }

    public Plateau plateau() {
        return Plateau.of(of(ChangeThresholds.SET));
    }

    public Thresholds forecasting() {
        return of(ForecastThresholds.SET);
    }

    public AsksLightlyFirst lightlyFirst() {
        return AsksLightlyFirst.of(of(AidThresholds.SET));
    }

    public ReleasedPromptly promptRelease() {
        return ReleasedPromptly.of(of(AidThresholds.SET));
    }

    public WaitedThenReinforced waitBeforeMore() {
        return WaitedThenReinforced.of(of(AidThresholds.SET));
    }

    public CorrectedWhenClear whenClear() {
        return CorrectedWhenClear.of(of(AidThresholds.SET));
    }

    public DrivesIntoTheHand intoTheHand() {
        return DrivesIntoTheHand.of(of(AidThresholds.SET));
    }

    public CorrectedConsistently consistency() {
        return CorrectedConsistently.of(of(AidThresholds.SET));
    }

    public Thresholds homework() {
        return of(HomeworkThresholds.SET);
    }

    public Thresholds pausing() {
        return of(PauseThresholds.SET);
    }

    Map<String, Double> changes(ThresholdSet sheet) {
        return settings.changes(sheet.book());
    }

    /** Puts these in place of all earlier changes of the book; the standards hold for what is not named. */
    void change(ThresholdSet sheet, Map<String, Double> changes, Instant at) {
        List<Issue> issues =
                sheet.refusals(changes).stream().map(YardRules::issue).toList();
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        thresholds.replace(sheet.book(), changes, at);
        settings.forget();
        events.publishEvent(new ThresholdsChanged(sheet.book()));
    }

    /** How often each rule was overruled of late. */
    List<Overruling> overrulings(Instant now) {
        return Overruling.report(thresholds.overruled(now.minus(Overruling.LOOKED_BACK), Overruling.DECISIONS));
    }

    private Thresholds of(ThresholdSet sheet) {
        return sheet.with(settings.changes(sheet.book()));
    }

    private static Issue issue(ThresholdSet.Refusal refusal) {
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
