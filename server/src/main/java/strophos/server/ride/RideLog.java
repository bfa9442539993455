package strophos.server.ride;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.record.Entry;
import strophos.core.record.Fold;
import strophos.core.record.Ride;
import strophos.core.record.SeenBefore;
import strophos.server.access.YardScope;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import tools.jackson.databind.JsonNode;

/** Takes batches of entries, each answered by itself, and keeps the projection equal to the fold. */
@Service
@Transactional
public class RideLog {

    private final EntryRepository entries;
    private final LessonRepository lessons;
    private final Projection projection;
    private final EnvelopeReader envelopes;
    private final Teller teller;
    private final Clock clock;

    RideLog(
            EntryRepository entries,
            LessonRepository lessons,
            Projection projection,
            EnvelopeReader envelopes,
            Teller teller,
            Clock clock) {
        this.entries = entries;
        this.lessons = lessons;
        this.projection = projection;
        this.envelopes = envelopes;
        this.teller = teller;
        this.clock = clock;
    }

    /** Stores what can be stored of the viewer's own; the answers stand in the batch's order. */
    public List<Answer> take(List<JsonNode> batch) {
        String viewer = YardScope.viewer().person().toString();
        return take(batch, e -> e.author().equals(viewer) ? Optional.empty() : Optional.of(Answer.Code.NOT_AUTHOR));
    }

    /** Stores what can be stored of anybody in the yard, out of a file; the answers stand in the file's order. */
    public List<Answer> takeFile(List<JsonNode> file) {
        Set<String> people = entries.people();
        return take(
                file, e -> people.contains(e.author()) ? Optional.empty() : Optional.of(Answer.Code.UNKNOWN_AUTHOR));
    }

    private List<Answer> take(List<JsonNode> batch, Function<Entry, Optional<Answer.Code>> notTheirs) {
        List<Answer> answers = new ArrayList<>();
        // sorted, so that two batches lock their lessons in the same order
        Map<String, List<Arrived>> byLesson = new TreeMap<>();
        for (int i = 0; i < batch.size(); i++) {
            Optional<Entry> entry = envelopes.read(batch.get(i));
            Optional<Answer.Code> refusal = refusal(batch.get(i), entry, notTheirs);
            if (refusal.isPresent()) {
                answers.add(Answer.refused(i, entry.map(Entry::id).orElse(null), refusal.get()));
            } else {
                byLesson.computeIfAbsent(entry.orElseThrow().lesson(), l -> new ArrayList<>())
                        .add(new Arrived(i, entry.get()));
            }
        }
        byLesson.forEach((lesson, arrived) -> answers.addAll(takeLesson(UUID.fromString(lesson), arrived)));
        answers.sort(java.util.Comparator.comparingInt(Answer::index));
        return answers;
    }

    /** An entry and its place in the batch. */
    private record Arrived(int index, Entry entry) {}

    private Optional<Answer.Code> refusal(
            JsonNode node, Optional<Entry> entry, Function<Entry, Optional<Answer.Code>> notTheirs) {
        if (entry.isEmpty()) {
            return Optional.of(Answer.Code.ENVELOPE);
        }
        if (envelopes.isTooLarge(node)) {
            return Optional.of(Answer.Code.TOO_LARGE);
        }
        return notTheirs.apply(entry.get());
    }

    private List<Answer> takeLesson(UUID lesson, List<Arrived> arrived) {
        if (lessons.find(lesson).isEmpty()) {
            return arrived.stream()
                    .map(a -> Answer.refused(a.index(), a.entry().id(), Answer.Code.UNKNOWN_LESSON))
                    .toList();
        }
        entries.lock(lesson);
        Map<String, Entry> first = new LinkedHashMap<>();
        arrived.forEach(a -> first.putIfAbsent(a.entry().id(), a.entry()));
        Set<String> added = entries.add(lesson, first.values(), clock.instant());
        if (!added.isEmpty()) {
            rebuild(lesson);
            teller.changed(lesson);
        }
        Map<String, Entry> known = entries
                .withIds(first.keySet().stream()
                        .filter(id -> !added.contains(id))
                        .map(UUID::fromString)
                        .toList())
                .stream()
                .collect(Collectors.toMap(Entry::id, Function.identity()));
        // one that stands twice in a batch is known the second time
        return arrived.stream()
                .map(a -> answer(a, known.putIfAbsent(a.entry().id(), a.entry())))
                .toList();
    }

    private static Answer answer(Arrived a, Entry before) {
        if (before == null) {
            return new Answer(
                    a.index(),
                    a.entry().id(),
                    strophos.core.record.PayloadReader.read(
                                            a.entry().kind(),
                                            a.entry().v(),
                                            a.entry().payload())
                                    .isPresent()
                            ? Answer.Outcome.STORED
                            : Answer.Outcome.KEPT_ODD,
                    null);
        }
        return before.equals(a.entry())
                ? new Answer(a.index(), a.entry().id(), Answer.Outcome.ALREADY, null)
                : Answer.refused(a.index(), a.entry().id(), Answer.Code.CONFLICT);
    }

    /** Folds the stored log of this lesson anew. */
    public Ride rebuild(UUID lesson) {
        Ride ride = Fold.of(entries.ofLesson(lesson));
        projection.replace(lesson, ride);
        return ride;
    }

    /** Folds every lesson of the yard anew. */
    public void rebuildAll() {
        entries.lessonsWithEntries().forEach(this::rebuild);
    }

    /** The stored log of a lesson; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<List<Entry>> log(UUID lesson) {
        return lessons.find(lesson).map(l -> entries.ofLesson(lesson));
    }

    /** What was seen in the last lessons of this pair beside this one. */
    @Transactional(readOnly = true)
    public List<SeenBefore> seenBefore(UUID lesson, UUID pair) {
        return SeenBefore.in(lessons.riddenBeside(lesson, pair, SeenBefore.LESSONS).stream()
                .map(id -> Fold.of(entries.ofLesson(id)))
                .toList());
    }

    /** What arrived in a lesson after this arrival; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<Arrivals> after(UUID lesson, long arrival) {
        return lessons.find(lesson).map(l -> {
            // the last is read first: what arrives in between is read again next time
            long last = entries.lastArrival(lesson);
            return new Arrivals(entries.after(lesson, arrival), last);
        });
    }

    /** Entries in the order of their arrival, and where to go on. */
    public record Arrivals(List<Entry> entries, long last) {}
}
