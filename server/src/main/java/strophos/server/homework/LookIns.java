package strophos.server.homework;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.Verdict;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** The coach looks in on what was practised. */
@Service
@Transactional
public class LookIns {

    private final HomeworkRepository homework;
    private final HomeworkReader reader;
    private final InboxReader inbox;
    private final AssignmentTeller teller;
    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final Teller news;

    LookIns(
            HomeworkRepository homework,
            HomeworkReader reader,
            InboxReader inbox,
            AssignmentTeller teller,
            PairRepository pairs,
            LessonRepository lessons,
            Teller news) {
        this.homework = homework;
        this.reader = reader;
        this.inbox = inbox;
        this.teller = teller;
        this.pairs = pairs;
        this.lessons = lessons;
        this.news = news;
    }

    /** So many are shown; the others come up as these are answered. */
    static final int SHOWN = 12;

    /** Those that wait for the coach, stop signs first, and how many more do. */
    record Page(List<AssignmentView> first, int more) {}

    /** Those that wait at this moment. */
    Page waiting(Instant now) {
        InboxReader.Page waiting = inbox.first(SHOWN, now);
        return new Page(views(waiting.first(), waiting.pairs(), now), waiting.more());
    }

    /** All of these pairs. */
    public List<AssignmentView> waiting(List<Pair> of, Instant now) {
        return views(inbox.all(of, now), of, now);
    }

    private List<AssignmentView> views(List<HomeworkReader.AssignmentState> all, List<Pair> of, Instant now) {
        ZoneId zone = lessons.zone();
        Map<UUID, Pair> byId = of.stream().collect(Collectors.toMap(Pair::id, Function.identity()));
        return all.stream()
                .map(s -> teller.view(s, byId.get(s.stored().pair()), now, zone, Optional.empty()))
                .toList();
    }

    /** Keeps the answer beside what was advised; a repeated id changes nothing. */
    public AssignmentView answer(UUID assignment, UUID id, Verdict verdict, String sentence, Instant at) {
        StoredAssignment stored = homework.find(assignment).orElseThrow(Problem::notFound);
        Pair pair = pairs.find(stored.pair()).orElseThrow(Problem::notFound);
        ZoneId zone = lessons.zone();
        if (!homework.hasLookIn(id)) {
            HomeworkState before = reader.standing(stored, pair, at).state();
            Verdict advised = before.advised(stored.assignment()).orElse(null);
            homework.add(assignment, new LookIn(id, verdict, advised, sentence, "", at));
            news.changedPair(pair.id());
        }
        Instant after = at.plusMillis(1);
        return teller.view(reader.standing(stored, pair, after), pair, after, zone, Optional.empty());
    }
}
