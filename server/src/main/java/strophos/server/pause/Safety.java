package strophos.server.pause;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;
import strophos.core.pause.HorseState;
import strophos.core.pause.Occurrence;
import strophos.core.pause.StopSign;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** What stands in the way of riding, for everybody who sees the horse; what riders say at once, and the coach's answers. */
@Service
@Transactional
public class Safety {

    /** A practice is over by then: what was said in it can be taken back no longer. */
    private static final Duration PRACTICE = Duration.ofHours(4);

    private final Pauses pauses;
    private final PauseRepository repository;
    private final ContactRepository contacts;
    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final Teller teller;

    Safety(
            Pauses pauses,
            PauseRepository repository,
            ContactRepository contacts,
            PairRepository pairs,
            LessonRepository lessons,
            Teller teller) {
        this.pauses = pauses;
        this.repository = repository;
        this.contacts = contacts;
        this.pairs = pairs;
        this.lessons = lessons;
        this.teller = teller;
    }

    /**
     * A horse that is not simply ridden.
     *
     * @param pairs those of it that the viewer sees
     * @param since the day the first sign was seen; null unless it is paused
     * @param signs what was seen, now or in the last days: of the pairs the viewer sees, not of others
     * @param limits what it was cleared for; null when nothing limits it
     */
    public record HorseView(
            UUID horse,
            String name,
            List<UUID> pairs,
            boolean isPaused,
            boolean isDayOver,
            @CanBeNull LocalDate since,
            List<SignView> signs,
            boolean mayHandWalk,
            @CanBeNull LimitsView limits,
            List<AnswerView> answers) {}

    /** A sign that counts now. */
    public record SignView(
            UUID id, UUID pair, StopSign sign, Side side, Instant at, String by, SignSighting.Source source) {}

    /** @param until the last day; null until another answer */
    public record LimitsView(
            Gait fastest,
            @CanBeNull Integer minutes,
            @CanBeNull LocalDate until) {}

    /** An answer since the horse was last free. */
    public record AnswerView(
            UUID id,
            PauseAnswer.Kind kind,
            @CanBeNull PauseAnswer.ContactRole whom,
            @CanBeNull String name,
            @CanBeNull LocalDate onDay,
            @CanBeNull String words,
            String by,
            Instant at) {}

    /** All a device needs to know before somebody mounts. */
    public record SafetyView(List<HorseView> horses, List<Contact> contacts, long serverMs) {}

    public SafetyView view(Instant now) {
        Set<UUID> heardOf = pauses.heardOfVisible(now);
        Map<UUID, List<Pair>> byHorse = pairs.visibleOf(heardOf).stream()
                .collect(Collectors.groupingBy(Pair::horseId, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, Pauses.StateOfCase> standing = pauses.standing(heardOf, now);
        return new SafetyView(
                standing.entrySet().stream()
                        .flatMap(e -> horse(e.getKey(), byHorse.get(e.getKey()), e.getValue()).stream())
                        .sorted(Comparator.comparing((HorseView h) -> !h.isPaused())
                                .thenComparing(h -> !h.isDayOver())
                                .thenComparing(HorseView::name)
                                .thenComparing(HorseView::horse))
                        .toList(),
                contacts.visible(),
                now.toEpochMilli());
    }

    private static Optional<HorseView> horse(UUID horse, List<Pair> ofHorse, Pauses.StateOfCase standing) {
        HorseState state = standing.state();
        Set<UUID> seen = ofHorse.stream().map(Pair::id).collect(Collectors.toSet());
        Set<String> counted = Stream.concat(state.causes().stream(), state.lately().stream())
                .map(Occurrence.Sighting::id)
                .collect(Collectors.toSet());
        List<SignView> signs = standing.horseCase().signs().stream()
                .filter(s -> counted.contains(s.id().toString()) && seen.contains(s.pair()))
                .map(s -> new SignView(s.id(), s.pair(), s.sign(), s.side(), s.at(), s.by(), s.source()))
                .toList();
        // what was only seen lately is told to those who see the pair it was seen on
        if (!state.isNotRidden() && state.limits().isEmpty() && signs.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new HorseView(
                horse,
                ofHorse.get(0).horse(),
                ofHorse.stream().map(Pair::id).toList(),
                state.isPaused(),
                state.isDayOver(),
                state.since().orElse(null),
                signs,
                state.mayHandWalk(),
                state.limits()
                        .map(l -> new LimitsView(
                                l.fastest(),
                                l.minutes().isPresent() ? l.minutes().getAsInt() : null,
                                l.until().orElse(null)))
                        .orElse(null),
                standing.horseCase().answers().stream()
                        .map(a -> new AnswerView(
                                a.id(), a.kind(), a.whom(), a.name(), a.onDay(), a.words(), a.by(), a.at()))
                        .toList()));
    }

    /** Keeps an answer about this horse; a repeated id changes nothing. */
    public SafetyView answer(UUID horse, PauseController.NewAnswer wanted, Instant now) {
        if (pairs.visibleOf(Set.of(horse)).isEmpty()) {
            throw Problem.notFound();
        }
        repository.lock(horse);
        if (!repository.hasAnswer(wanted.id())) {
            HorseState state = pauses.state(horse, now);
            if (!state.isNotRidden()
                    && state.limits().isEmpty()
                    && state.lately().isEmpty()) {
                throw new Problem(
                        HttpStatus.CONFLICT, "not_paused", "This horse is not paused any more; look at it again.");
            }
            LocalDate today = LocalDate.ofInstant(now, lessons.zone());
            List<Issue> issues = wanted.daysOff(state, today);
            if (!issues.isEmpty()) {
                throw Problem.refused(issues);
            }
            repository.add(wanted.answer(horse, rest(state, wanted, today), now));
            teller.changedHorse(horse);
        }
        return view(now.plusMillis(1));
    }

    /** The rest a clearance ends; a change of limits keeps that of the clearance before. */
    private Optional<HorseState.TimeOff> rest(HorseState state, PauseController.NewAnswer wanted, LocalDate today) {
        if (wanted.kind() != PauseAnswer.Kind.CLEARED) {
            return Optional.empty();
        }
        return state.since().map(since -> new HorseState.TimeOff(since, today)).or(state::rest);
    }

    /** What became of a sign that a device sent. */
    public enum Outcome {
        STORED,
        ALREADY,
        REFUSED
    }

    /** Why not. */
    public enum Code {
        /** No such pair, or not one of yours. */
        UNKNOWN_PAIR,
        /** Signs are sent by their author only. */
        NOT_AUTHOR,
        /** Another sign stands under this id. */
        CONFLICT
    }

    /** @param code why it was refused; null otherwise */
    public record SignAnswer(
            UUID id, Outcome outcome, @CanBeNull Code code) {}

    /** Stores what a rider's device saw; the answers stand in the order of the signs. */
    List<SignAnswer> take(List<PauseController.NewStopSign> signs, Instant now) {
        List<SignAnswer> answers = new ArrayList<>();
        for (PauseController.NewStopSign s : signs) {
            answers.add(take(s, now));
        }
        return answers;
    }

    private SignAnswer take(PauseController.NewStopSign s, Instant now) {
        Optional<Pair> pair = pairs.find(s.pair());
        if (!s.author().equals(YardScope.viewer().person())) {
            return new SignAnswer(s.id(), Outcome.REFUSED, Code.NOT_AUTHOR);
        } else if (pair.isEmpty()) {
            return new SignAnswer(s.id(), Outcome.REFUSED, Code.UNKNOWN_PAIR);
        }
        // a phone's clock may be anything: a time outside its window refuses no sign, it is kept with that of its
        // arrival
        boolean isOdd = s.at().isAfter(now) || s.at().isBefore(now.minus(Duration.ofDays(60)));
        SignReport wanted = new SignReport(s.id(), s.pair(), s.author(), isOdd ? now : s.at(), s.sign(), s.side(), now);
        Optional<SignReport> before = repository.reported(s.id());
        if (before.isPresent()) {
            boolean isSame = before.get().pair().equals(wanted.pair())
                    && before.get().author().equals(wanted.author())
                    && before.get().sign() == wanted.sign()
                    && before.get().side() == wanted.side();
            return isSame
                    ? new SignAnswer(s.id(), Outcome.ALREADY, null)
                    : new SignAnswer(s.id(), Outcome.REFUSED, Code.CONFLICT);
        }
        repository.add(wanted);
        teller.changedHorse(pair.get().horseId());
        return new SignAnswer(s.id(), Outcome.STORED, null);
    }

    /** Takes back what its author said in this practice; afterwards only an answer ends the pause. */
    void takeBack(UUID id, Instant now) {
        SignReport sign = repository
                .reported(id)
                .filter(r -> r.author().equals(YardScope.viewer().person()))
                .orElseThrow(Problem::notFound);
        if (now.isAfter(sign.receivedAt().plus(PRACTICE))) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_late",
                    "That practice is over. Tell your coach; an answer ends the pause.");
        }
        repository.takeBack(id, now);
        pairs.find(sign.pair()).ifPresent(p -> teller.changedHorse(p.horseId()));
    }

    /** A number of the yard, by the name of its kind. */
    public record Number(String kind, String name, String phone) {}

    /** Keeps these as the yard's own numbers. */
    public void keepContacts(List<Number> numbers) {
        contacts.replace(
                null,
                numbers.stream()
                        .map(n -> new Contact(null, ContactKind.valueOf(n.kind()), n.name(), n.phone()))
                        .toList());
    }

    void replaceContacts(@CanBeNull UUID horse, List<Contact> wanted) {
        if (horse != null && !pairs.isHorse(horse)) {
            throw Problem.notFound();
        }
        contacts.replace(horse, wanted);
    }
}
