package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.HomeworkEvent;
import strophos.core.homework.HomeworkFold;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.StopSign;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;
import strophos.server.lesson.LessonRepository;
import strophos.server.rules.YardRules;

/** Reads how a pair's homework stands at a moment. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class HomeworkReader {

    private final HomeworkRepository homework;
    private final LessonRepository lessons;
    private final YardRules rules;

    HomeworkReader(HomeworkRepository homework, LessonRepository lessons, YardRules rules) {
        this.homework = homework;
        this.lessons = lessons;
        this.rules = rules;
    }

    /** An assignment with all that happened to it, and how it stands. */
    record Standing(StoredAssignment stored, HomeworkState state, List<Practice> practices, List<LookIn> lookIns) {

        /** The rung of the step to practise. */
        String rungNow() {
            return stored.assignment().steps().get(state.step()).rung().toString();
        }
    }

    /** What a plan wants to know of an assignment: its rungs, whether it is paused, and the reports, the latest last. */
    public record Told(Set<String> rungs, boolean isPaused, Set<StopSign> stopSigns, List<Practice> practices) {}

    /** What the plan of this moment must know, of every running assignment. */
    public List<Told> told(UUID pair, Instant at) {
        return running(pair, at).stream()
                .map(s -> new Told(
                        new HashSet<>(List.of(s.stored().rung(), s.rungNow())),
                        s.state().isPaused(),
                        s.state().stopSigns(),
                        s.practices()))
                .toList();
    }

    List<Standing> running(UUID pair, Instant at) {
        ZoneId zone = lessons.zone();
        Thresholds thresholds = rules.homework();
        return homework.running(pair, at).stream()
                .map(a -> standing(a, at, zone, thresholds))
                .toList();
    }

    Standing standing(StoredAssignment stored, Instant at, ZoneId zone) {
        return standing(stored, at, zone, rules.homework());
    }

    private Standing standing(StoredAssignment stored, Instant at, ZoneId zone, Thresholds thresholds) {
        List<Practice> practices = homework.practices(stored.id(), at);
        List<LookIn> lookIns = homework.lookIns(stored.id(), at);
        return new Standing(
                stored,
                HomeworkFold.on(
                        day(at, zone),
                        stored.assignment(),
                        events(practices, homework.receivedAt(stored.id()), lookIns, zone),
                        thresholds),
                practices,
                lookIns);
    }

    private record Dated(Instant at, HomeworkEvent event) {}

    /**
     * In the order in which they were known here: a coach's answer lifts the stop signs that had come in, not one that was
     * still on its way.
     */
    private static List<HomeworkEvent> events(
            List<Practice> practices, Map<UUID, Instant> receivedAt, List<LookIn> lookIns, ZoneId zone) {
        List<Dated> all = new ArrayList<>();
        Stream.concat(
                        practices.stream().map(p -> new Dated(receivedAt.get(p.id()), reported(p, zone))),
                        lookIns.stream()
                                .map(l ->
                                        new Dated(l.at(), new HomeworkEvent.Answered(day(l.at(), zone), l.verdict()))))
                .sorted(Comparator.comparing(Dated::at))
                .forEach(all::add);
        return all.stream().map(Dated::event).toList();
    }

    private static HomeworkEvent reported(Practice p, ZoneId zone) {
        Set<StopSign> stops = EnumSet.noneOf(StopSign.class);
        stops.addAll(p.stopSigns());
        return new HomeworkEvent.Reported(
                day(p.startedAt(), zone),
                p.feel(),
                p.leftS(),
                p.rightS(),
                new Proportion(p.leftGood(), p.leftCounted()),
                new Proportion(p.rightGood(), p.rightCounted()),
                stops,
                p.question() != null,
                p.secondBest());
    }

    static LocalDate day(Instant at, ZoneId zone) {
        return LocalDate.ofInstant(at, zone);
    }
}
