package strophos.server.contact;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.cause.MarkedAsk;
import strophos.core.cause.SideBySide;
import strophos.core.contact.Band;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.ReinsBeforeAsk;
import strophos.server.lesson.Lesson;
import strophos.server.rein.Recording;
import strophos.server.rein.ReinRepository;
import strophos.server.rein.StoredChunk;
import strophos.server.rules.YardRules;

/** Lays how the reins were before each ask beside what the horse answered, over the pair's lessons that were measured. */
@Service
@Transactional(readOnly = true)
class AnswersTeller {

    private final RecordingRepository recordings;
    private final ReinRepository reins;
    private final YardRules rules;

    AnswersTeller(RecordingRepository recordings, ReinRepository reins, YardRules rules) {
        this.recordings = recordings;
        this.reins = reins;
        this.rules = rules;
    }

    AnswersView beside(Lesson lesson) {
        List<UUID> lessons = Stream.concat(
                        Stream.of(lesson.id()),
                        recordings.measuredBefore(lesson, ContactTeller.EARLIER).stream()
                                .map(ContactView.EarlierView::lesson))
                .toList();
        Optional<Band> band = recordings.band(lesson.pair()).map(b -> new Band(b.lowKg(), b.highKg()));
        Map<UUID, List<Recording>> measured =
                reins.readable(lessons).stream().collect(Collectors.groupingBy(Recording::lesson));
        Map<UUID, List<StoredChunk>> chunks = reins.chunks(measured.values().stream()
                .flatMap(List::stream)
                .map(Recording::id)
                .toList());
        List<MarkedAsk> asks =
                recordings.asks(measured.keySet()).stream()
                        .collect(Collectors.groupingBy(AskedThen::lesson))
                        .entrySet()
                        .stream()
                        .flatMap(of -> marked(measured.get(of.getKey()), chunks, of.getValue(), band))
                        .toList();
        SideBySide.Result beside = rules.sideBySide().compare(asks);
        return new AnswersView(
                measured.size(),
                asks.size(),
                beside.worthChecking().stream().map(AnswersView.StateView::of).toList(),
                beside.tested().stream()
                        .filter(c -> !beside.worthChecking().contains(c))
                        .sorted(Comparator.comparingDouble(SideBySide.Comparison::adjusted))
                        .map(AnswersView.StateView::of)
                        .toList(),
                beside.tooFew().entrySet().stream()
                        .map(e -> new AnswersView.TooSeldomView(ReinsBeforeAsk.valueOf(e.getKey()), e.getValue()))
                        .toList());
    }

    /** Those asks of a lesson before which the reins were measured; a series is let go before the next one is read. */
    private static Stream<MarkedAsk> marked(
            List<Recording> measured, Map<UUID, List<StoredChunk>> chunks, List<AskedThen> asks, Optional<Band> band) {
        return measured.stream().flatMap(r -> {
            ReinSeries series = r.series(chunks.getOrDefault(r.id(), List.of()));
            return asks.stream().flatMap(ask -> {
                double touchS = Duration.between(r.startedAt(), ask.at()).toMillis() / 1000.0;
                return ReinsBeforeAsk.at(series, touchS, band).stream().map(states -> marked(ask, states));
            });
        });
    }

    private static MarkedAsk marked(AskedThen ask, Set<ReinsBeforeAsk> states) {
        return new MarkedAsk(
                ask.entry().toString(),
                ask.lesson().toString(),
                ask.exercise(),
                ask.yes(),
                states.stream().map(Enum::name).collect(Collectors.toSet()));
    }
}
