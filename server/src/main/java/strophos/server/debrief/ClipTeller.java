package strophos.server.debrief;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import strophos.core.aid.ReleasedPromptly;
import strophos.core.clip.Clip;
import strophos.core.clip.Timing;
import strophos.core.exchange.Landing;
import strophos.core.footfall.Footfalls;
import strophos.core.record.Ride;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.Teaching;
import strophos.core.stats.Proportion;
import strophos.server.debrief.ClipView.AidView;
import strophos.server.debrief.ClipView.FootfallsView;
import strophos.server.debrief.ClipView.LagView;
import strophos.server.debrief.ClipView.SpreadView;
import strophos.server.debrief.ClipView.TimingView;
import strophos.server.debrief.ClipView.WhenClearView;
import strophos.server.rules.YardRules;

/** What a lesson's clips say, by the yard's rules. */
@Component
class ClipTeller {

    private final YardRules rules;
    private final SightingsReader sightings;

    ClipTeller(YardRules rules, SightingsReader sightings) {
        this.rules = rules;
        this.sightings = sightings;
    }

    List<ClipView> clips(Ride ride, Teaching teaching) {
        Map<String, Ride.Segment> segments =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, s -> s));
        Predicate<String> isWhenClear = s -> sightings.policy(segments.get(s), teaching) == CorrectionPolicy.WHEN_CLEAR;
        return Clip.of(ride).stream()
                .map(clip -> new ClipView(
                        clip.id(),
                        clip.file().fileName(),
                        clip.file().durationMs(),
                        clip.comments().stream().map(ClipView::comment).toList(),
                        clip.measured().stream()
                                .flatMap(m -> m.says().map(says -> footfalls(m, says)).stream())
                                .toList(),
                        clip.frames().stream().map(ClipView::frame).toList(),
                        clip.timing().isEmpty() ? null : timing(clip, isWhenClear)))
                .toList();
    }

    private TimingView timing(Clip clip, Predicate<String> isWhenClear) {
        Timing timing = clip.timing();
        ReleasedPromptly prompt = rules.promptRelease();
        OptionalDouble strideS = clip.strideS();
        Proportion whenClear = strideS.isPresent()
                ? timing.correctedWhenClear(rules.whenClear(), strideS.getAsDouble(), isWhenClear)
                : new Proportion(0, 0);
        return new TimingView(
                SpreadView.of(timing.waits()),
                SpreadView.of(timing.answers()),
                SpreadView.of(timing.releases()),
                SpreadView.of(timing.toCorrect()),
                timing.promptReleases(prompt),
                prompt.prompt().toMillis(),
                timing.hurriedWaits(rules.waitBeforeMore()),
                timing.longWaits(rules.waitBeforeMore()),
                whenClear.total() == 0 ? null : new WhenClearView(whenClear.successes(), whenClear.total()),
                clip.aids().stream().map(a -> new AidView(a.foot(), a.share())).toList());
    }

    private static FootfallsView footfalls(Clip.Measured measured, Footfalls says) {
        int firstMs = measured.marked().landings().stream()
                .mapToInt(Landing::ms)
                .min()
                .orElseThrow();
        return new FootfallsView(
                firstMs, says.strideS(), says.tempo(), LagView.of(says.left()), LagView.of(says.right()));
    }
}
