package strophos.server.ride;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import strophos.core.plain.Plain;
import strophos.core.record.Entry;
import strophos.core.record.Fold;
import strophos.core.record.ReadEntry;
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

    private static final Logger LOG = LoggerFactory.getLogger(RideLog.class);

    private final EntryRepository entries;
    private final LessonRepository lessons;
    private final Projection projection;
    private final EnvelopeReader envelopes;
    private final Teller teller;
    private final Clock clock;
    private final TransactionTemplate savepoint;

    RideLog(
            EntryRepository entries,
            LessonRepository lessons,
            Projection projection,
            EnvelopeReader envelopes,
            Teller teller,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.entries = entries;
        this.lessons = lessons;
        this.projection = projection;
        this.envelopes = envelopes;
        this.teller = teller;
        this.clock = clock;
        this.savepoint = new TransactionTemplate(
                transactions, new DefaultTransactionDefinition(TransactionDefinition.PROPAGATION_NESTED));
    }

    /** Stores what can be stored of the viewer's own; the answers stand in the batch's order. */
    public List<Answer> take(List<JsonNode> batch) {
        String viewer = YardScope.viewer().person().toString();
        return take(
                batch,
                e -> e.author().equals(viewer) ? Optional.empty() : Optional.of(Answer.Code.NOT_AUTHOR),
                Optional.empty());
    }

    /** Stores what can be stored of anybody in the yard, out of a file; the answers stand in the file's order. */
    public List<Answer> takeFile(List<JsonNode> file) {
        Set<String> people = entries.people();
        return take(
                file,
                e -> people.contains(e.author()) ? Optional.empty() : Optional.of(Answer.Code.UNKNOWN_AUTHOR),
                Optional.of(YardScope.viewer().person()));
    }

    private List<Answer> take(
            List<JsonNode> batch, Function<Entry, Optional<Answer.Code>> notTheirs, Optional<UUID> importedBy) {
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
                        .add(new Arrived(i, ReadEntry.of(entry.get())));
            }
        }
        byLesson.forEach((lesson, arrived) -> answers.addAll(halving(UUID.fromString(lesson), arrived, importedBy)));
        answers.sort(Comparator.comparingInt(Answer::index));
        return answers;
    }

    /** An entry, read, and its place in the batch. */
    private record Arrived(int index, ReadEntry read) {
        Entry entry() {
            return read.entry();
        }
    }

    private Optional<Answer.Code> refusal(
            JsonNode node, Optional<Entry> entry, Function<Entry, Optional<Answer.Code>> notTheirs) {
        if (entry.isEmpty()) {
            return Optional.of(Answer.Code.ENVELOPE);
        }
        if (envelopes.isTooLarge(node)) {
            return Optional.of(Answer.Code.TOO_LARGE);
        }
        if (!Plain.isPlain(entry.get().payload())) {
            return Optional.of(Answer.Code.PAYLOAD);
        }
        return notTheirs.apply(entry.get());
    }

    /**
     * One savepoint round storing and folding. Should that fail for a reason nobody has thought of, the batch is halved until the one
     * entry is left that it fails for: that one is refused, and everything beside it is stored. A connection that is gone is no such
     * reason: then going back to the savepoint fails as well, and the whole batch is to be sent again.
     */
    private List<Answer> halving(UUID lesson, List<Arrived> arrived, Optional<UUID> importedBy) {
        try {
            return Objects.requireNonNull(savepoint.execute(status -> takeLesson(lesson, arrived, importedBy)));
        } catch (TransactionException e) {
            throw e;
        } catch (RuntimeException e) {
            if (arrived.size() == 1) {
                LOG.error("An entry could not be stored", e);
                return List.of(Answer.refused(
                        arrived.get(0).index(), arrived.get(0).entry().id(), Answer.Code.FAILED));
            }
            int half = arrived.size() / 2;
            List<Answer> answers = new ArrayList<>(halving(lesson, arrived.subList(0, half), importedBy));
            answers.addAll(halving(lesson, arrived.subList(half, arrived.size()), importedBy));
            return answers;
        }
    }

    private List<Answer> takeLesson(UUID lesson, List<Arrived> arrived, Optional<UUID> importedBy) {
        if (lessons.find(lesson).isEmpty()) {
            return refused(arrived, Answer.Code.UNKNOWN_LESSON);
        }
        entries.lock(lesson);
        Instant now = clock.instant();
        Map<String, String> authors = new TreeMap<>();
        arrived.forEach(a -> authors.putIfAbsent(a.entry().device(), a.entry().author()));
        Map<String, String> owners = entries.owners(authors, now);
        Map<Boolean, List<Arrived>> byOwn = arrived.stream()
                .collect(Collectors.partitioningBy(
                        a -> owners.get(a.entry().device()).equals(a.entry().author())));
        List<Answer> answers = new ArrayList<>(refused(byOwn.get(false), Answer.Code.FOREIGN_DEVICE));
        answers.addAll(takeOwn(lesson, byOwn.get(true), now, importedBy));
        return answers;
    }

    private static List<Answer> refused(List<Arrived> arrived, Answer.Code code) {
        return arrived.stream()
                .map(a -> Answer.refused(a.index(), a.entry().id(), code))
                .toList();
    }

    private List<Answer> takeOwn(UUID lesson, List<Arrived> arrived, Instant now, Optional<UUID> importedBy) {
        List<StoredEntry> stored = entries.ofLesson(lesson);
        Map<String, ReadEntry> first = new LinkedHashMap<>();
        arrived.forEach(a -> first.putIfAbsent(a.entry().id(), a.read()));
        Set<String> added = entries.add(lesson, first.values(), now, importedBy);
        if (!added.isEmpty()) {
            List<ReadEntry> log =
                    new ArrayList<>(stored.stream().map(StoredEntry::read).toList());
            added.forEach(id -> log.add(first.get(id).arrived(now.toEpochMilli())));
            projection.replace(lesson, Fold.ofRead(log));
            teller.changed(lesson);
        }
        Map<String, EntryRepository.Known> known = known(first.keySet(), added);
        // one that stands twice in a batch is known the second time
        return arrived.stream()
                .map(a -> answer(
                        a, known.putIfAbsent(a.entry().id(), new EntryRepository.Known(a.entry(), Optional.empty()))))
                .toList();
    }

    /** Those of a batch that stood here before, in this lesson or another, by id. */
    private Map<String, EntryRepository.Known> known(Set<String> ids, Set<String> added) {
        Map<String, EntryRepository.Known> known = new HashMap<>();
        List<UUID> before = ids.stream()
                .filter(id -> !added.contains(id))
                .map(UUID::fromString)
                .toList();
        entries.withIds(before).forEach(k -> known.put(k.entry().id(), k));
        return known;
    }

    private static Answer answer(Arrived a, EntryRepository.Known before) {
        if (before == null) {
            return new Answer(
                    a.index(),
                    a.entry().id(),
                    a.read().payload().isPresent() ? Answer.Outcome.STORED : Answer.Outcome.KEPT_ODD,
                    null);
        }
        return before.isSame(a.entry())
                ? new Answer(a.index(), a.entry().id(), Answer.Outcome.ALREADY, null)
                : Answer.refused(a.index(), a.entry().id(), Answer.Code.CONFLICT);
    }

    /** Folds the stored log of this lesson anew. */
    public Ride rebuild(UUID lesson) {
        Ride ride = fold(lesson);
        projection.replace(lesson, ride);
        entries.isFresh(lesson);
        return ride;
    }

    private Ride fold(UUID lesson) {
        return Fold.ofRead(
                entries.ofLesson(lesson).stream().map(StoredEntry::read).toList());
    }

    /** Lessons of any yard that a migration left to be folded anew. */
    @Transactional(readOnly = true)
    public List<EntryRepository.Stale> stale() {
        return entries.stale();
    }

    /** Folds every lesson of the yard anew. */
    public void rebuildAll() {
        entries.lessonsWithEntries().forEach(this::rebuild);
    }

    /** The stored log of a lesson; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<List<StoredEntry>> log(UUID lesson) {
        return lessons.find(lesson).map(l -> entries.ofLesson(lesson));
    }

    /** How many entries somebody brought in from a file. */
    public record BroughtIn(String by, int entries) {}

    /** Who brought entries of a lesson in from files; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<List<BroughtIn>> broughtIn(UUID lesson) {
        return lessons.find(lesson).map(l -> entries.broughtIn(lesson));
    }

    /** What the stored log of a lesson tells; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<Ride> ride(UUID lesson) {
        return lessons.find(lesson).map(l -> fold(lesson));
    }

    /** What was seen in the last lessons of this pair beside this one. */
    @Transactional(readOnly = true)
    public List<SeenBefore> seenBefore(UUID lesson, UUID pair) {
        return SeenBefore.in(lessons.riddenBeside(lesson, pair, SeenBefore.LESSONS).stream()
                .map(this::fold)
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
    public record Arrivals(List<StoredEntry> entries, long last) {}
}
