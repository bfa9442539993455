package strophos.server.homework;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.HomeworkStop;
import strophos.core.homework.Verdict;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
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
    private final Teller news;

    LookingIn(
            HomeworkRepository homework,
            HomeworkReader reader,
            AssignmentTeller teller,
            PairRepository pairs,
            LessonRepository lessons,
            Teller news) {
        this.homework = homework;
        this.reader = reader;
        this.teller = teller;
        this.pairs = pairs;
        this.lessons = lessons;
        this.news = news;
    }

    /** So many are shown; the others come up as these are answered. */
    static final int SHOWN = 12;

    /** Those that wait for the coach, stop signs first, and how many more do. */
    record Waiting(List<AssignmentView> first, int more) {}

    /** Those that wait at this moment. */
    Waiting waiting(Instant now) {
        List<PairRepository.Named> of = pairs.findVisible();
        List<HomeworkReader.Standing> all = standing(of, now);
        return new Waiting(
                views(all.subList(0, Math.min(SHOWN, all.size())), of, now), Math.max(0, all.size() - SHOWN));
    }

    /** All of these pairs. */
    public List<AssignmentView> waiting(List<PairRepository.Named> of, Instant now) {
        return views(standing(of, now), of, now);
    }

    private List<AssignmentView> views(List<HomeworkReader.Standing> all, List<PairRepository.Named> of, Instant now) {
        ZoneId zone = lessons.zone();
        Map<UUID, PairRepository.Named> byId =
                of.stream().collect(Collectors.toMap(PairRepository.Named::id, Function.identity()));
        return all.stream()
                .map(s -> teller.view(s, byId.get(s.stored().pair()), now, zone))
                .toList();
    }

    private List<HomeworkReader.Standing> standing(List<PairRepository.Named> of, Instant now) {
        return reader.running(of, now).stream()
                .filter(LookingIn::isWaiting)
                .sorted(Comparator.comparing(
                                (HomeworkReader.Standing s) -> s.state().lookIn())
                        .thenComparing(s -> s.stored().setAt()))
                .toList();
    }

    private static boolean isWaiting(HomeworkReader.Standing s) {
        HomeworkState.LookIn lookIn = s.state().lookIn();
        if (isForbidden(s)) {
            return true;
        }
        return switch (lookIn) {
            case NOT_YET_DUE -> false;
            case STOP_SIGN, QUESTION -> true;
            // nobody is asked to look in on what stands still with its horse
            case STUCK, NEW_AID -> s.stop().isEmpty();
            // a quiet assignment without a single practice waits for the rider, not for the coach
            case DUE -> s.stop().isEmpty() && !s.practices().isEmpty();
        };
    }

    /** Set once, and no longer allowed: the coach sets something else. */
    private static boolean isForbidden(HomeworkReader.Standing s) {
        return s.stop()
                .filter(stop -> stop == HomeworkStop.NOT_ALONE || stop == HomeworkStop.NOT_CLEARED)
                .isPresent();
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
            news.changedPair(pair.id());
        }
        Instant after = at.plusMillis(1);
        return teller.view(reader.standing(stored, pair, after), pair, after, zone);
    }
}
