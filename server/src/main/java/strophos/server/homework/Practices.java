package strophos.server.homework;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.state.PairState;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.ground.GroundHorses;
import strophos.server.ground.HorseHere;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.stair.StairReader;
import strophos.server.state.PairStates;

/** The rider's side: today's card, and reports in. */
@Service
@Transactional
public class Practices {

    private final HomeworkRepository homework;
    private final HomeworkReader reader;
    private final AssignmentTeller teller;
    private final GroundHorses horses;
    private final PairRepository pairs;
    private final PairStates states;
    private final StairReader stairs;
    private final LessonRepository lessons;
    private final Teller news;

    Practices(
            HomeworkRepository homework,
            HomeworkReader reader,
            AssignmentTeller teller,
            GroundHorses horses,
            PairRepository pairs,
            PairStates states,
            StairReader stairs,
            LessonRepository lessons,
            Teller news) {
        this.homework = homework;
        this.reader = reader;
        this.teller = teller;
        this.horses = horses;
        this.pairs = pairs;
        this.states = states;
        this.stairs = stairs;
        this.lessons = lessons;
        this.news = news;
    }

    /** A pair with its cards and its own stair; {@code strandNames}: of the yard's own progressions. */
    public record OwnPair(
            UUID pair,
            UUID horseId,
            String rider,
            String horse,
            List<AssignmentView> cards,
            List<StairReader.Step> stair,
            Map<String, String> strandNames) {}

    /** What became of a report. */
    public enum Outcome {
        STORED,
        ALREADY,
        REFUSED
    }

    /** Why not. */
    public enum Code {
        /** No such assignment, or not one of yours. */
        UNKNOWN_ASSIGNMENT,
        /** Reports are sent by their author only. */
        NOT_AUTHOR,
        /** Another report stands under this id. */
        CONFLICT,
        /** A value is out of its bounds. */
        VALUES
    }

    /** @param code why it was refused; null otherwise */
    public record PracticeAnswer(
            UUID id, Outcome outcome, @CanBeNull Code code) {}

    public List<OwnPair> cards(Instant now) {
        List<Pair> own = pairs.findVisible();
        Map<UUID, PairState> standing = states.now(own.stream().map(Pair::id).toList());
        Map<UUID, List<AssignmentView>> cards = running(own, now);
        return own.stream()
                .map(pair -> new OwnPair(
                        pair.id(),
                        pair.horseId(),
                        pair.rider(),
                        pair.horse(),
                        cards.getOrDefault(pair.id(), List.of()),
                        stairs.steps(standing.get(pair.id()), pair.teaching()),
                        stairs.strandNames()))
                .toList();
    }

    /** The cards of one pair. */
    public List<AssignmentView> cards(Pair pair, Instant now) {
        return running(List.of(pair), now).getOrDefault(pair.id(), List.of());
    }

    private Map<UUID, List<AssignmentView>> running(List<Pair> of, Instant now) {
        ZoneId zone = lessons.zone();
        Map<UUID, HorseHere> known = horses.byPair(of);
        return reader.running(of, now).stream()
                .collect(Collectors.groupingBy(
                        s -> s.stored().pair(),
                        Collectors.mapping(
                                s -> teller.view(
                                        s,
                                        pair(of, s),
                                        now,
                                        zone,
                                        Optional.of(known.get(s.stored().pair()))),
                                Collectors.toList())));
    }

    private static Pair pair(List<Pair> of, HomeworkReader.AssignmentState s) {
        return of.stream()
                .filter(p -> p.id().equals(s.stored().pair()))
                .findFirst()
                .orElseThrow();
    }

    /** Stores what can be stored; the answers stand in the order of the reports. */
    public List<PracticeAnswer> take(List<Practice> reports, Instant now) {
        List<PracticeAnswer> answers = new ArrayList<>();
        for (Practice p : reports) {
            Optional<Code> refusal = refusal(p);
            if (refusal.isPresent()) {
                answers.add(new PracticeAnswer(p.id(), Outcome.REFUSED, refusal.get()));
            } else if (homework.practice(p.id()).isPresent()) {
                answers.add(new PracticeAnswer(p.id(), Outcome.ALREADY, null));
            } else {
                homework.add(p, now);
                homework.find(p.assignment()).flatMap(a -> pairs.find(a.pair())).ifPresent(pair -> {
                    news.changedPair(pair.id());
                    if (!p.stopSigns().isEmpty()) {
                        news.changedHorse(pair.horseId());
                    }
                });
                answers.add(new PracticeAnswer(p.id(), Outcome.STORED, null));
            }
        }
        return answers;
    }

    private Optional<Code> refusal(Practice p) {
        if (!p.author().equals(YardScope.viewer().person())) {
            return Optional.of(Code.NOT_AUTHOR);
        }
        Optional<StoredAssignment> of =
                homework.find(p.assignment()).filter(a -> pairs.find(a.pair()).isPresent());
        if (of.isEmpty()) {
            return Optional.of(Code.UNKNOWN_ASSIGNMENT);
        }
        boolean isStep = p.step() >= 0
                && p.step() < of.get().assignment().steps().size()
                && of.get().assignment().steps().get(p.step()).rung().toString().equals(p.rung());
        if (!isStep || p.leftGood() > p.leftCounted() || p.rightGood() > p.rightCounted()) {
            return Optional.of(Code.VALUES);
        }
        return homework.practice(p.id()).filter(before -> !before.equals(p)).map(before -> Code.CONFLICT);
    }
}
