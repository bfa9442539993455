package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * A fright repeats: at least {@code times} were seen on the rung in its last {@code lessons} lessons, the last one of them in
 * the lesson judged. Where nobody recorded a fright there was none.
 */
public record FrightRepeats(int times, int lessons) implements Rule<RungFacts> {

    static FrightRepeats of(Thresholds t) {
        return new FrightRepeats(t.whole("fright-repeats.times"), t.whole("fright-repeats.lessons"));
    }

    @Override
    public String id() {
        return "step-back.fright-repeats";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("times", (double) times, "lessons", (double) lessons);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        int n = facts.lessons().size();
        List<LessonFacts> last = facts.lessons().subList(Math.max(0, n - lessons), n);
        List<Observation.Fright> frights =
                last.stream().flatMap(l -> l.all(Observation.Fright.class)).toList();
        boolean isNow = n > 0
                && last.get(last.size() - 1)
                        .all(Observation.Fright.class)
                        .findAny()
                        .isPresent();
        return Judgement.of(
                isNow && frights.size() >= times,
                new RungEvidence.OfTimes(
                        RungEvidence.Subject.FRIGHTS,
                        frights.size(),
                        times,
                        frights.stream().map(Observation::entry).toList()));
    }
}
