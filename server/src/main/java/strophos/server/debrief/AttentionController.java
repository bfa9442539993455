package strophos.server.debrief;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.core.change.AttentionSpans;
import strophos.core.change.LessonRates;
import strophos.core.change.Plateau;
import strophos.core.change.StuckSide;
import strophos.core.exchange.Side;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.PairState;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.rules.YardRules;
import strophos.server.stair.StairReader;
import strophos.server.state.PairStates;

/** Who wants a thought today: who needs help, whose work stands still, who has gone quiet. */
@RestController
@RequestMapping("/api/v1/attention")
class AttentionController {

    /** So many of each. */
    private static final int LINES = 5;

    private final AttentionRepository attention;
    private final LessonRepository lessons;
    private final PairStates states;
    private final StairReader stairs;
    private final YardRules rules;
    private final Catalogue catalogue;
    private final Clock clock;

    AttentionController(
            AttentionRepository attention,
            LessonRepository lessons,
            PairStates states,
            StairReader stairs,
            YardRules rules,
            Catalogue catalogue,
            Clock clock) {
        this.attention = attention;
        this.lessons = lessons;
        this.states = states;
        this.stairs = stairs;
        this.rules = rules;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @GetMapping
    @Needs(Action.SEE_DEBRIEF)
    @Transactional
    public AttentionView attention() {
        Instant now = clock.instant();
        return new AttentionView(
                attention.needsHelp(now.minus(AttentionSpans.HELP), LINES).stream()
                        .flatMap(w -> catalogue.rung(w.rung()).stream()
                                .map(Rung::id)
                                .map(r -> new AttentionView.NeedsHelp(
                                        w.of(), catalogue.nameOf(r.exercise()), r.gait(), r.place(), w.since())))
                        .toList(),
                standsStill(now),
                attention.quiet(now.minus(AttentionSpans.LEFT), now.minus(AttentionSpans.QUIET), now, LINES));
    }

    /** Of the pairs of today, on the rung each is learning. */
    private List<AttentionView.StandsStill> standsStill(Instant now) {
        ZoneId zone = lessons.zone();
        LocalDate day = LocalDate.ofInstant(now, zone);
        Map<UUID, Lesson> today = new LinkedHashMap<>();
        lessons.between(
                        day.atStartOfDay(zone).toInstant(),
                        day.plusDays(1).atStartOfDay(zone).toInstant())
                .forEach(l -> today.putIfAbsent(l.pair(), l));
        Map<UUID, PairState> standing = states.now(today.keySet());
        Map<UUID, RungId> learning = new HashMap<>();
        today.forEach((pair, lesson) -> stairs.inWork(standing.get(pair), lesson.teaching())
                .map(StairReader.Step::rung)
                .flatMap(catalogue::rung)
                .ifPresent(rung -> learning.put(pair, rung.id())));
        Plateau plateau = rules.plateau();
        Map<UUID, List<LessonRates>> rates = states.ratesNow(learning);
        return today.values().stream()
                .filter(l -> rates.containsKey(l.pair()))
                .flatMap(l ->
                        standsStill(l, learning.get(l.pair()), StuckSide.of(rates.get(l.pair()), plateau)).stream())
                .limit(LINES)
                .toList();
    }

    /** One line, also where both sides stand still: then it names none. */
    private Optional<AttentionView.StandsStill> standsStill(Lesson lesson, RungId rung, List<StuckSide> stuck) {
        return catalogue
                .rung(rung)
                .filter(r -> !stuck.isEmpty())
                .map(r -> new AttentionView.StandsStill(
                        new AttentionView.PairLine(lesson.pair(), lesson.rider(), lesson.horse()),
                        catalogue.nameOf(rung.exercise()),
                        rung.gait(),
                        rung.place(),
                        r.works(),
                        stuck.size() > 1 ? Side.NONE : stuck.get(0).side(),
                        stuck.get(0).slope().lessons()));
    }
}
