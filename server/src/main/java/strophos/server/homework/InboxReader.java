package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.HomeworkStop;
import strophos.core.homework.SinceLookIn;
import strophos.core.judgement.Thresholds;
import strophos.core.pause.StopSign;
import strophos.core.stair.RungId;
import strophos.server.lesson.LessonRepository;
import strophos.server.pause.Pauses;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardRules;

/** Reads which homework waits for the coach: all of it at a glance, and in full only what is shown or needs a closer look. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class InboxReader {

    private static final Comparator<HomeworkReader.AssignmentState> MOST_URGENT_FIRST = Comparator.comparing(
                    (HomeworkReader.AssignmentState s) -> s.state().lookIn())
            .thenComparing(s -> s.stored().setAt())
            .thenComparing(s -> s.stored().id());

    private final HomeworkRepository homework;
    private final PairRepository pairs;
    private final HomeworkReader reader;
    private final LessonRepository lessons;
    private final YardRules rules;
    private final Pauses pauses;

    InboxReader(
            HomeworkRepository homework,
            PairRepository pairs,
            HomeworkReader reader,
            LessonRepository lessons,
            YardRules rules,
            Pauses pauses) {
        this.homework = homework;
        this.pairs = pairs;
        this.reader = reader;
        this.lessons = lessons;
        this.rules = rules;
        this.pauses = pauses;
    }

    /** Those that wait for the coach, the most urgent first, their pairs among others, and how many more do. */
    record Page(List<Pair> pairs, List<HomeworkReader.AssignmentState> first, int more) {}

    /** All that waits of these pairs, each read in full. */
    List<HomeworkReader.AssignmentState> all(Collection<Pair> of, Instant now) {
        return reader.running(of, now).stream()
                .filter(InboxReader::isWaiting)
                .sorted(MOST_URGENT_FIRST)
                .toList();
    }

    /** The first of what waits of the pairs the viewer may see; the number of statements depends neither on theirs nor on that of the reports. */
    Page first(int most, Instant now) {
        List<WaitingGlance> waiting = waiting(now);
        Set<UUID> unclear = ids(waiting.stream().filter(t -> t.why().isEmpty()));
        Set<UUID> clear = ids(waiting.stream().filter(t -> t.why().isPresent()));
        Set<UUID> read = ids(Stream.concat(
                waiting.stream().filter(t -> t.why().isEmpty()),
                waiting.stream()
                        .filter(t -> t.why().isPresent())
                        .sorted(Comparator.comparing(
                                        (WaitingGlance t) -> t.why().orElseThrow())
                                .thenComparing(t -> t.glance().setAt())
                                .thenComparing(t -> t.glance().id()))
                        .limit(most)));
        List<Pair> ofThese = pairs.visible(waiting.stream()
                .filter(t -> read.contains(t.glance().id()))
                .map(t -> t.glance().pair())
                .collect(Collectors.toSet()));
        List<HomeworkReader.AssignmentState> inFull = all(ofThese, now).stream()
                .filter(s -> read.contains(s.stored().id()))
                .toList();
        int ofUnclear = (int)
                inFull.stream().filter(s -> unclear.contains(s.stored().id())).count();
        List<HomeworkReader.AssignmentState> first = inFull.subList(0, Math.min(most, inFull.size()));
        return new Page(ofThese, first, Math.max(0, clear.size() + ofUnclear - first.size()));
    }

    /** Why an assignment waits, as far as a glance tells; empty where only all its reports do. */
    private record WaitingGlance(Glance glance, Optional<HomeworkState.LookInReason> why) {}

    private static Set<UUID> ids(Stream<WaitingGlance> of) {
        return of.map(t -> t.glance().id()).collect(Collectors.toSet());
    }

    /** Those that wait or may. */
    private List<WaitingGlance> waiting(Instant now) {
        List<Glance> glances = homework.glances(now);
        Map<UUID, Pauses.HorseRecord> heardOf = heardOf(glances, now);
        ZoneId zone = lessons.zone();
        Thresholds thresholds = rules.homework();
        Map<UUID, Long> ofPair = glances.stream().collect(Collectors.groupingBy(Glance::pair, Collectors.counting()));
        List<WaitingGlance> waiting = new ArrayList<>();
        for (Glance g : glances) {
            Optional<HomeworkState.LookInReason> why = Optional.empty();
            if (g.isStopped() && ofPair.get(g.pair()) == 1) {
                // nothing but a look-in lifts it, and there is none beside
                why = Optional.of(HomeworkState.LookInReason.STOP_SIGN);
            } else if (isPlain(g, Optional.ofNullable(heardOf.get(g.horse())))) {
                why = since(g, zone).lookIn(HomeworkReader.day(now, zone), thresholds);
            }
            if (why.map(w -> w.isForCoach(g.isPractised())).orElse(true)) {
                waiting.add(new WaitingGlance(g, why));
            }
        }
        return waiting;
    }

    /** The horses of which something was heard since homework on them was set. */
    private Map<UUID, Pauses.HorseRecord> heardOf(List<Glance> glances, Instant now) {
        Map<UUID, Instant> setSince = new HashMap<>();
        glances.forEach(g -> setSince.merge(g.horse(), g.setAt(), (a, b) -> a.isBefore(b) ? a : b));
        setSince.keySet().retainAll(pauses.heardOf(setSince, now));
        return pauses.known(setSince, now);
    }

    /** Whether the glance says it all: nothing stands in the way of practising it alone, and no sign beside it stops it. */
    private boolean isPlain(Glance g, Optional<Pauses.HorseRecord> heard) {
        Instant since = g.lookedInAt() == null ? g.setAt() : g.lookedInAt();
        return !g.hasStopSign()
                && g.rungs().stream().map(RungId::of).allMatch(reader::isForPractisingAlone)
                && heard.map(h -> !h.state().isNotRidden()
                                && h.state().limits().isEmpty()
                                && h.history().signs().stream()
                                        .noneMatch(s -> s.pair().equals(g.pair())
                                                && StopSign.STOPS_HOMEWORK.contains(s.sign())
                                                && !s.receivedAt().isBefore(since)))
                        .orElse(true);
    }

    private static SinceLookIn since(Glance g, ZoneId zone) {
        LocalDate lookedInOn = g.lookedInAt() == null ? g.setOn() : HomeworkReader.day(g.lookedInAt(), zone);
        return new SinceLookIn(
                g.isBrandNew() && g.lookedInAt() == null,
                lookedInOn,
                g.practices(),
                g.hasQuestion(),
                g.notYetRunning());
    }

    private static boolean isWaiting(HomeworkReader.AssignmentState s) {
        HomeworkState.LookInReason why = s.state().lookIn();
        boolean isAsked = why == HomeworkState.LookInReason.STOP_SIGN || why == HomeworkState.LookInReason.QUESTION;
        // nobody is asked to look in on what stands still with its horse
        return isForbidden(s)
                || ((isAsked || s.stop().isEmpty())
                        && why.isForCoach(!s.practices().isEmpty()));
    }

    /** Set once, and no longer allowed: the coach sets something else. */
    private static boolean isForbidden(HomeworkReader.AssignmentState s) {
        return s.stop()
                .filter(stop -> stop == HomeworkStop.NOT_ALONE || stop == HomeworkStop.NOT_CLEARED)
                .isPresent();
    }
}
