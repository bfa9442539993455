package strophos.server.pause;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.load.BackToWork;
import strophos.core.pause.HorseState;
import strophos.core.pause.Pause;
import strophos.core.pause.PauseFold;
import strophos.server.horse.HorseReader;
import strophos.server.lesson.LessonRepository;
import strophos.server.rules.YardRules;

/** Reads how horses stand: paused, their day over, cleared within limits, or free. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class Pauses {

    /** Ridden a day before a rest, where no lesson tells. */
    private static final int USUAL_MINUTES = 45;

    /** A day of the yard and one of this clock may lie apart by so many. */
    private static final int DAY_ENDS = 2;

    private final PauseRepository repository;
    private final LessonRepository lessons;
    private final YardRules rules;

    Pauses(PauseRepository repository, LessonRepository lessons, YardRules rules) {
        this.repository = repository;
        this.lessons = lessons;
        this.rules = rules;
    }

    /** A horse with what it stands on, since it was cleared last. */
    record StateOfCase(HorseState state, HorseCase horseCase) {}

    /** How this horse stood at this time. */
    public HorseState state(UUID horse, Instant at) {
        return standing(List.of(horse), at).get(horse).state();
    }

    Map<UUID, StateOfCase> standing(Collection<UUID> horses, Instant at) {
        Map<UUID, Instant> since = new HashMap<>();
        horses.forEach(h -> since.put(h, at));
        return standing(since, at);
    }

    private Map<UUID, StateOfCase> standing(Map<UUID, Instant> since, Instant at) {
        ZoneId zone = lessons.zone();
        LocalDate day = LocalDate.ofInstant(at, zone);
        Map<UUID, HorseCase> cases = repository.known(since, at);
        var thresholds = rules.pausing();
        Map<UUID, StateOfCase> standing = new HashMap<>();
        cases.forEach((horse, known) ->
                standing.put(horse, new StateOfCase(PauseFold.on(day, known.occurrences(zone), thresholds), known)));
        return standing;
    }

    /**
     * How these horses stand at this time, and when each was paused since a moment of its own: signs and answers before the clearance
     * that came before it say nothing of the time since.
     *
     * @param since by horse
     */
    public Map<UUID, HorseRecord> known(Map<UUID, Instant> since, Instant at) {
        ZoneId zone = lessons.zone();
        var thresholds = rules.pausing();
        Map<UUID, HorseRecord> known = new HashMap<>();
        standing(since, at)
                .forEach((horse, s) -> known.put(
                        horse,
                        new HorseRecord(
                                s.state(),
                                new History(
                                        PauseFold.pauses(s.horseCase().occurrences(zone), thresholds),
                                        s.horseCase().signs()))));
        return known;
    }

    /**
     * Those of these horses that are not simply free at this time, or were not since a moment of their own, and perhaps some that are: the
     * others need not be asked about.
     *
     * @param since by horse
     */
    public Set<UUID> heardOf(Map<UUID, Instant> since, Instant at) {
        return repository.heardOf(since, lately(at));
    }

    /** The same now, of all horses whose pairs the viewer may see. */
    Set<UUID> heardOfVisible(Instant now) {
        return repository.heardOfVisible(lately(now));
    }

    private Instant lately(Instant at) {
        return at.minus(Duration.ofDays(rules.pausing().whole("lately.days") + DAY_ENDS));
    }

    /** How a horse stands, and its pauses. */
    public record HorseRecord(HorseState state, History history) {}

    /** The times in which a horse was paused, and the signs seen of it. */
    public record History(List<Pause> pauses, List<SignSighting> signs) {

        /** Whether the horse was paused at this moment. */
        public boolean covers(Instant at) {
            return pauses.stream().anyMatch(p -> p.covers(at.toEpochMilli()));
        }
    }

    /** A rest of two weeks and more that was ended by a clearance: the way back begins (rules 9). */
    public Optional<HorseReader.AfterRest> afterRest(UUID horse, HorseState state) {
        return state.rest()
                .filter(r -> ChronoUnit.WEEKS.between(r.from(), r.clearedOn()) >= BackToWork.SHORTEST_BREAK_WEEKS)
                .map(r -> new HorseReader.AfterRest(
                        r.clearedOn(),
                        (int) ChronoUnit.WEEKS.between(r.from(), r.clearedOn()),
                        repository
                                .lastMinutes(
                                        horse,
                                        r.from()
                                                .plusDays(1)
                                                .atStartOfDay(lessons.zone())
                                                .toInstant())
                                .orElse(USUAL_MINUTES)));
    }
}
