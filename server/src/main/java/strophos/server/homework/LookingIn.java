package strophos.server.homework;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.HomeworkStop;
import strophos.core.homework.Verdict;
import strophos.server.lesson.LessonRepository;
import strophos.server.pair.PairRepository;
import strophos.server.problem.Problem;

/** The coach looks in on what was practised. */
@Service
@Transactional
public class LookingIn {

    private final HomeworkRepository homework;
    private final HomeworkReader reader;
    private final AssignmentTeller teller;
    private final PairRepository pairs;
    private final LessonRepository lessons;

    LookingIn(
            HomeworkRepository homework,
            HomeworkReader reader,
            AssignmentTeller teller,
            PairRepository pairs,
            LessonRepository lessons) {
        this.homework = homework;
        this.reader = reader;
        this.teller = teller;
        this.pairs = pairs;
        this.lessons = lessons;
    }

    /** Those that wait for the coach at this moment, stop signs first. */
    public List<AssignmentView> waiting(Instant now) {
        return waiting(pairs.findVisible(), now);
    }

    /** Those of these pairs. */
    public List<AssignmentView> waiting(List<PairRepository.Named> of, Instant now) {
        ZoneId zone = lessons.zone();
        return of.stream()
                .flatMap(pair -> reader.running(pair, now).stream().map(s -> teller.view(s, pair, now, zone)))
                .filter(v -> v.lookIn() != HomeworkState.LookIn.NOT_YET_DUE || isForbidden(v))
                // nobody is asked to look in on what stands still with its horse; a question is a question all the same
                .filter(v -> v.stop() == null
                        || v.lookIn() == HomeworkState.LookIn.STOP_SIGN
                        || v.lookIn() == HomeworkState.LookIn.QUESTION
                        || isForbidden(v))
                // a quiet assignment without a single practice waits for the rider, not for the coach
                .filter(v ->
                        v.lookIn() != HomeworkState.LookIn.DUE || !v.practices().isEmpty())
                .sorted(Comparator.comparing(AssignmentView::lookIn).thenComparing(AssignmentView::setAt))
                .toList();
    }

    /** Set once, and no longer allowed: the coach sets something else. */
    private static boolean isForbidden(AssignmentView v) {
        return v.stop() == HomeworkStop.NOT_ALONE || v.stop() == HomeworkStop.NOT_CLEARED;
    }

    /** Keeps the answer beside what was advised; a repeated id changes nothing. */
    public AssignmentView answer(UUID assignment, UUID id, Verdict verdict, String sentence, Instant at) {
        StoredAssignment stored = homework.find(assignment).orElseThrow(Problem::notFound);
        PairRepository.Named pair = pairs.find(stored.pair()).orElseThrow(Problem::notFound);
        ZoneId zone = lessons.zone();
        if (!homework.hasLookIn(id)) {
            HomeworkState before = reader.standing(stored, pair, at).state();
            Verdict advised = before.advised(stored.assignment()).orElse(null);
            homework.add(assignment, new LookIn(id, verdict, advised, sentence, "", at));
        }
        Instant after = at.plusMillis(1);
        return teller.view(reader.standing(stored, pair, after), pair, after, zone);
    }
}
