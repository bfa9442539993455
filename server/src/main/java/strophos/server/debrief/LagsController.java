package strophos.server.debrief;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.clip.MarkedStrides;
import strophos.core.exchange.Gait;
import strophos.core.footfall.Footfalls;
import strophos.core.footfall.LagChange;
import strophos.core.footfall.SideLag;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Problem;
import strophos.server.ride.LastRides;
import strophos.server.ride.MarkedLesson;
import strophos.server.roster.PairRepository;

/** The footfalls of a pair over the weeks. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/footfalls")
class LagsController {

    /** So many of the last lessons are looked through: half a year of two a week. */
    private static final int LESSONS = 52;

    private final PairRepository pairs;
    private final LastRides rides;

    LagsController(PairRepository pairs, LastRides rides) {
        this.pairs = pairs;
        this.rides = rides;
    }

    /** Strides of one lesson. */
    private record StridesOfLesson(MarkedLesson lesson, MarkedStrides strides) {}

    @GetMapping
    @Needs(Action.SEE_DEBRIEF)
    @Transactional(readOnly = true)
    public LagsView lags(@PathVariable UUID id) {
        pairs.find(id).orElseThrow(Problem::notFound);
        Map<Optional<Gait>, List<StridesOfLesson>> byGait = new LinkedHashMap<>();
        for (MarkedLesson lesson : rides.marked(id, LESSONS)) {
            for (MarkedStrides strides : MarkedStrides.of(lesson.ride())) {
                byGait.computeIfAbsent(strides.gait(), g -> new ArrayList<>())
                        .add(new StridesOfLesson(lesson, strides));
            }
        }
        return new LagsView(byGait.entrySet().stream()
                .map(e -> gait(e.getKey().orElse(null), e.getValue()))
                .toList());
    }

    private static LagsView.LagsOfGait gait(Gait gait, List<StridesOfLesson> marked) {
        return new LagsView.LagsOfGait(
                gait,
                marked.stream().map(LagsController::point).toList(),
                moved(marked, Footfalls::left),
                moved(marked, Footfalls::right));
    }

    private static LagsView.LagPoint point(StridesOfLesson marked) {
        Footfalls says = marked.strides().says();
        return new LagsView.LagPoint(
                marked.lesson().id(),
                Instant.ofEpochMilli(marked.lesson().atMs()),
                says.strideS(),
                ClipView.LagView.of(says.left()),
                ClipView.LagView.of(says.right()));
    }

    private static LagsView.LagChangeView moved(
            List<StridesOfLesson> marked, Function<Footfalls, Optional<SideLag>> side) {
        List<SideLag> lags = marked.stream()
                .flatMap(m -> side.apply(m.strides().says()).stream())
                .toList();
        return LagChange.of(lags)
                .map(m -> new LagsView.LagChangeView(
                        ClipView.LagView.of(Optional.of(m.first())),
                        ClipView.LagView.of(Optional.of(m.last())),
                        m.way()))
                .orElse(null);
    }
}
