package strophos.server.ride;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
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
import strophos.core.clip.MarkedStrides;
import strophos.core.exchange.WorkedSide;
import strophos.core.plain.Plain;
import strophos.core.record.Entry;
import strophos.core.record.Fold;
import strophos.core.record.Observations.RungObservation;
import strophos.core.record.ReadEntry;
import strophos.core.record.Ride;
import strophos.server.access.YardScope;
import strophos.server.attachment.ConsentSubject;
import strophos.server.attachment.Consents;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import strophos.server.rein.ReinReader;
import strophos.server.state.PairStates;
import strophos.server.state.StaleRepository;
import tools.jackson.databind.JsonNode;

/** Takes batches of entries, each answered by itself, and keeps the projection equal to the fold. */
@Service
@Transactional
public class RideLog {

    private static final Logger LOG = LoggerFactory.getLogger(RideLog.class);

    private final EntryRepository entries;
    private final LessonRepository lessons;
    private final Projection projection;
    private final ReinReader reins;
    private final PairStates states;
    private final StaleRepository stale;
    private final EnvelopeReader envelopes;
    private final Teller teller;
    private final Consents consents;
    private final Clock clock;
    private final TransactionTemplate savepoint;

    RideLog(
            EntryRepository entries,
            LessonRepository lessons,
            Projection projection,
            ReinReader reins,
            PairStates states,
            StaleRepository stale,
            EnvelopeReader envelopes,
            Teller teller,
            Consents consents,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.entries = entries;
        this.lessons = lessons;
        this.projection = projection;
        this.reins = reins;
        this.states = states;
        this.stale = stale;
        this.envelopes = envelopes;
        this.teller = teller;
        this.consents = consents;
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
        Map<String, List<Arrival>> byLesson = new TreeMap<>();
        for (int i = 0; i < batch.size(); i++) {
            Optional<Entry> entry = envelopes.read(batch.get(i));
            Optional<Answer.Code> refusal = refusal(batch.get(i), entry, notTheirs);
            if (refusal.isPresent()) {
                answers.add(Answer.refused(i, entry.map(Entry::id).orElse(null), refusal.get()));
            } else {
                byLesson.computeIfAbsent(entry.orElseThrow().lesson(), l -> new ArrayList<>())
                        .add(new Arrival(i, ReadEntry.of(entry.get())));
            }
        }
        LessonEnds ended = new LessonEnds();
        byLesson.forEach(
                (lesson, arrived) -> answers.addAll(halving(UUID.fromString(lesson), arrived, importedBy, ended)));
        ended.pairs.forEach(this::settle);
        answers.sort(Comparator.comparingInt(Answer::index));
        return answers;
    }

    /** The pairs of which a lesson has ended, or one that had has changed: sorted, so that two batches lock them in the same order. */
    private static final class LessonEnds {
        private final Set<UUID> pairs = new TreeSet<>(Comparator.comparing(UUID::toString));
    }

    /** What is stored is stored: a state that cannot be made is made by whoever reads. */
    private void settle(UUID pair) {
        try {
            savepoint.executeWithoutResult(status -> states.settle(pair));
        } catch (TransactionException e) {
            throw e;
        } catch (RuntimeException e) {
            LOG.error("A pair could not be brought up to date", e);
            stale.markPair(pair);
        }
    }

    /** An entry, read, and its place in the batch. */
    private record Arrival(int index, ReadEntry read) {
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
    private List<Answer> halving(UUID lesson, List<Arrival> arrived, Optional<UUID> importedBy, LessonEnds ended) {
        try {
            return Objects.requireNonNull(savepoint.execute(status -> takeLesson(lesson, arrived, importedBy, ended)));
        } catch (TransactionException e) {
            throw e;
        } catch (RuntimeException e) {
            if (arrived.size() == 1) {
                LOG.error("An entry could not be stored", e);
                return List.of(Answer.refused(
                        arrived.get(0).index(), arrived.get(0).entry().id(), Answer.Code.FAILED));
            }
            int half = arrived.size() / 2;
            List<Answer> answers = new ArrayList<>(halving(lesson, arrived.subList(0, half), importedBy, ended));
            answers.addAll(halving(lesson, arrived.subList(half, arrived.size()), importedBy, ended));
            return answers;
        }
    }

    private List<Answer> takeLesson(UUID lesson, List<Arrival> arrived, Optional<UUID> importedBy, LessonEnds ended) {
        Optional<Lesson> of = lessons.find(lesson);
        if (of.isEmpty()) {
            return refused(arrived, Answer.Code.UNKNOWN_LESSON);
        }
        entries.lock(lesson);
        Instant now = clock.instant();
        Map<String, String> authors = new TreeMap<>();
        arrived.forEach(a -> authors.putIfAbsent(a.entry().device(), a.entry().author()));
        Map<String, String> owners = entries.owners(authors, now);
        Map<Boolean, List<Arrival>> byOwn = arrived.stream()
                .collect(Collectors.partitioningBy(
                        a -> owners.get(a.entry().device()).equals(a.entry().author())));
        List<Answer> answers = new ArrayList<>(refused(byOwn.get(false), Answer.Code.FOREIGN_DEVICE));
        Map<Boolean, List<Arrival>> byConsent = byConsent(of.get().pair(), byOwn.get(true));
        answers.addAll(refused(byConsent.get(false), Answer.Code.NO_CONSENT));
        answers.addAll(takeOwn(of.get(), byConsent.get(true), now, importedBy, ended));
        return answers;
    }

    /** A minor's voice is kept only where a guardian has said so. */
    private Map<Boolean, List<Arrival>> byConsent(UUID pair, List<Arrival> arrived) {
        boolean isSpoken = arrived.stream().anyMatch(a -> a.entry().kind().equals(Consents.VOICE_KIND));
        boolean isAllowed = !isSpoken || consents.isAllowed(ConsentSubject.VOICE, pair);
        return arrived.stream()
                .collect(Collectors.partitioningBy(
                        a -> isAllowed || !a.entry().kind().equals(Consents.VOICE_KIND)));
    }

    private static List<Answer> refused(List<Arrival> arrived, Answer.Code code) {
        return arrived.stream()
                .map(a -> Answer.refused(a.index(), a.entry().id(), code))
                .toList();
    }

    private List<Answer> takeOwn(
            Lesson of, List<Arrival> arrived, Instant now, Optional<UUID> importedBy, LessonEnds ended) {
        UUID lesson = of.id();
        List<StoredEntry> stored = entries.ofLesson(lesson);
        Map<String, ReadEntry> first = new LinkedHashMap<>();
        arrived.forEach(a -> first.putIfAbsent(a.entry().id(), a.read()));
        Set<String> added = entries.add(lesson, first.values(), now, importedBy);
        if (!added.isEmpty()) {
            List<ReadEntry> log =
                    new ArrayList<>(stored.stream().map(StoredEntry::read).toList());
            added.forEach(id -> log.add(first.get(id).arrived(now.toEpochMilli())));
            LessonChange outcome = project(List.of(new LogOfLesson(of, Fold.ofRead(log), arrivals(stored), now)))
                    .get(of.id());
            if (outcome.isEnded()) {
                ended.pairs.add(of.pair());
            }
            teller.changedLesson(lesson, of.pair());
            if (outcome.isStopSign()) {
                teller.changedHorse(of.horseId());
            }
        }
        Map<String, StoredForm> known = known(first.keySet(), added);
        // one that stands twice in a batch is known the second time
        return arrived.stream()
                .map(a -> answer(a, known.putIfAbsent(a.entry().id(), new StoredForm(a.entry(), Optional.empty()))))
                .toList();
    }

    /** Those of a batch that stood here before, in this lesson or another, by id. */
    private Map<String, StoredForm> known(Set<String> ids, Set<String> added) {
        Map<String, StoredForm> known = new HashMap<>();
        List<UUID> before = ids.stream()
                .filter(id -> !added.contains(id))
                .map(UUID::fromString)
                .toList();
        entries.withIds(before).forEach(k -> known.put(k.entry().id(), k));
        return known;
    }

    private static Answer answer(Arrival a, StoredForm before) {
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

    private static Map<String, Instant> arrivals(List<StoredEntry> stored) {
        return stored.stream().collect(Collectors.toMap(e -> e.entry().id(), StoredEntry::receivedAt));
    }

    /**
     * A lesson, folded.
     *
     * @param arrivals when each of its entries came in, by its id; {@code otherwise} those that come in now
     */
    private record LogOfLesson(Lesson of, Ride ride, Map<String, Instant> arrivals, Instant otherwise) {

        LessonFold with(List<RungObservation> measured) {
            List<RungObservation> all = new ArrayList<>(measured);
            // the side that was meant, as of what was seen
            all.addAll(MarkedStrides.observed(ride, rung -> WorkedSide.CHOSEN));
            return new LessonFold(of, ride, all, entry -> arrivals.getOrDefault(entry, otherwise));
        }
    }

    private Map<UUID, LessonChange> project(List<LogOfLesson> lessons) {
        Map<UUID, List<RungObservation>> measured = reins.observed(
                lessons.stream()
                        .map(l -> new ReinReader.RideOf(l.of().id(), l.of().pair(), l.ride()))
                        .toList(),
                // the side that was meant, as of what was seen
                rung -> WorkedSide.CHOSEN);
        Map<UUID, LessonChange> outcomes = projection.replace(lessons.stream()
                .map(l -> l.with(measured.getOrDefault(l.of().id(), List.of())))
                .toList());
        lessons.forEach(l -> outcomes.get(l.of().id()).from().ifPresent(from -> states.forget(l.of().pair(), from)));
        return outcomes;
    }

    /** Folds the stored logs of these lessons anew; how many gave anything else than what stood here. */
    public int rebuild(Collection<UUID> lessons) {
        entries.lock(lessons);
        Map<UUID, List<StoredEntry>> stored = entries.ofLessons(lessons);
        Instant now = clock.instant();
        List<LogOfLesson> folded = this.lessons.all(stored.keySet()).stream()
                .map(of -> new LogOfLesson(of, fold(stored.get(of.id())), arrivals(stored.get(of.id())), now))
                .toList();
        return (int) project(folded).values().stream()
                .filter(LessonChange::isChanged)
                .count();
    }

    /** What sensors tell of this lesson, which the viewer was found to see, is not what it was: all that follows is made anew. */
    public void measuredAnew(Lesson of) {
        rebuild(List.of(of.id()));
        if (of.endedAt() != null) {
            settle(of.pair());
        }
        teller.changedLesson(of.id(), of.pair());
    }

    static Ride fold(List<StoredEntry> stored) {
        return Fold.ofRead(stored.stream().map(StoredEntry::read).toList());
    }

    /** The stored log of a lesson; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<List<StoredEntry>> log(UUID lesson) {
        return lessons.find(lesson).map(l -> entries.ofLesson(lesson));
    }

    /** How many entries somebody brought in from a file. */
    public record Origin(String by, int entries) {}

    /** Who brought entries of a lesson in from files; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<List<Origin>> broughtIn(UUID lesson) {
        return lessons.find(lesson).map(l -> entries.broughtIn(lesson));
    }

    /** What the stored log of a lesson tells; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<Ride> ride(UUID lesson) {
        return lessons.find(lesson).map(l -> fold(entries.ofLesson(lesson)));
    }

    /** What the stored log of a lesson tells that the viewer was found to see. */
    @Transactional(readOnly = true)
    public Ride ride(Lesson lesson) {
        return fold(entries.ofLesson(lesson.id()));
    }

    /** What arrived in a lesson after this arrival; empty for a lesson the viewer cannot see. */
    @Transactional(readOnly = true)
    public Optional<Arrivals> after(UUID lesson, long arrival) {
        return lessons.find(lesson).map(l -> entries.after(lesson, arrival));
    }

    /** All that arrived in a lesson the viewer was found to see. */
    Arrivals all(UUID lesson) {
        return entries.after(lesson, 0);
    }

    /** Entries in the order of their arrival, and where to go on. */
    public record Arrivals(List<StoredEntry> entries, long last) {}
}
