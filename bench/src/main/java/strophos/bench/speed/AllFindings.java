package strophos.bench.speed;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.cause.HelpedToday;
import strophos.core.cause.HelpsMoreThanWaiting;
import strophos.core.cause.HelpsOverDays;
import strophos.core.cause.ProbeThresholds;
import strophos.core.cause.SideBySide;
import strophos.core.change.ChangeThresholds;
import strophos.core.change.Plateau;
import strophos.core.change.Rate;
import strophos.core.change.Thirds;
import strophos.core.exchange.Response;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungFacts;
import strophos.core.progress.Standing;
import strophos.core.progress.StifferSide;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

/** Everything the rules have to say at the end of a lesson, over all that a pair ever rode. */
final class AllFindings {

    private static final RungDecision DECISION = RungDecision.standard();
    private static final StifferSide STIFFER = StifferSide.standard();
    private static final Plateau PLATEAU = Plateau.of(ChangeThresholds.SET.standard());
    private static final Thirds THIRDS = Thirds.of(ChangeThresholds.SET.standard());
    private static final SideBySide SIDE_BY_SIDE = SideBySide.of(SideBySide.SET.standard());
    private static final HelpedToday TODAY = HelpedToday.of(ProbeThresholds.SET.standard());
    private static final HelpsOverDays HINT = HelpsOverDays.of(ProbeThresholds.SET.standard());
    private static final HelpsMoreThanWaiting WAITING = HelpsMoreThanWaiting.of(ProbeThresholds.SET.standard());

    private AllFindings() {}

    static List<Object> of(ThreeYears years) {
        List<Object> findings = new ArrayList<>();
        Map<RungId, RungFacts> known = years.facts();
        for (RungId rung : ThreeYears.rungs()) {
            RungFacts facts = known.getOrDefault(rung, RungFacts.none(WorkedSide.INSIDE));
            findings.add(DECISION.advise(facts, Optional.empty(), Standing.IN_WORK));
            findings.add(STIFFER.judge(facts));
            findings.add(PLATEAU.judge(rates(facts)));
            if (!facts.isEmpty()) {
                findings.add(THIRDS.judge(
                        facts.lessons().get(facts.lessons().size() - 1).asks()));
            }
        }
        findings.add(SIDE_BY_SIDE.compare(years.told));
        findings.add(TODAY.judge(years.probes.get(years.probes.size() - 1)));
        findings.add(HINT.judge(years.probes));
        findings.add(WAITING.judge(years.probes));
        return findings;
    }

    private static List<Rate> rates(RungFacts facts) {
        return facts.lessons().stream().map(AllFindings::rate).toList();
    }

    private static Rate rate(LessonFacts lesson) {
        int yes = (int)
                lesson.asks().stream().filter(a -> a.response() == Response.YES).count();
        return new Rate(lesson.lesson(), new Proportion(yes, lesson.asks().size()));
    }
}
