package strophos.server.state;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.change.LessonRates;
import strophos.core.judgement.Thresholds;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.state.Judge;
import strophos.core.state.PairFold;
import strophos.core.state.PairState;
import strophos.core.state.RiddenLesson;
import strophos.server.digest.Digest;
import strophos.server.rules.YardRules;
import strophos.server.rules.YardSettings;

/** How pairs stand: the last state kept, and what came since. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class PairStates {

    private final StateRepository states;
    private final RiddenRepository ridden;
    private final YardRules rules;
    private final YardSettings settings;
    private final Catalogue catalogue;

    PairStates(
            StateRepository states,
            RiddenRepository ridden,
            YardRules rules,
            YardSettings settings,
            Catalogue catalogue) {
        this.states = states;
        this.ridden = ridden;
        this.rules = rules;
        this.settings = settings;
        this.catalogue = catalogue;
    }

    /** How this pair stands now. */
    public PairState now(UUID pair) {
        return now(List.of(pair)).get(pair);
    }

    /** How these pairs stand now; the number of statements does not depend on theirs. */
    public Map<UUID, PairState> now(Collection<UUID> pairs) {
        if (pairs.isEmpty()) {
            return Map.of();
        }
        Map<UUID, PairState> now = new HashMap<>();
        open(states.since(pairs, Optional.empty()).values()).forEach((pair, folding) -> now.put(pair, folding.all()));
        return now;
    }

    /** How this pair stood when this lesson of it began; what was decided on that lesson itself is not in it. */
    public PairState before(UUID pair, LessonKey lesson) {
        return open(states.since(List.of(pair), Optional.of(lesson)).values())
                .get(pair)
                .all();
    }

    /**
     * How this pair stands, but for what was decided on its last lesson and since, which is told apart.
     *
     * @param last the last lesson; empty before any
     * @param next the lesson before which all that is, itself not counted; empty for now
     */
    public StateBefore apart(UUID pair, Optional<LessonKey> last, Optional<LessonKey> next) {
        StateSince since = states.since(List.of(pair), next).get(pair);
        Folding folding = open(List.of(since)).get(pair);
        folding.ride(since.lessons());
        Instant from = last.orElse(LessonKey.FIRST).beganAt();
        since.decisions().stream().filter(m -> m.at().isBefore(from)).forEach(m -> decide(folding.fold, m));
        return new StateBefore(
                folding.fold.state(),
                since.decisions().stream().filter(m -> !m.at().isBefore(from)).toList());
    }

    /** A state, and what was decided after it, in order. */
    public record StateBefore(PairState state, List<StoredDecision> decidedSince) {}

    /** What is known of these rungs of a pair up to this lesson, which is the one judged. */
    public Map<RungId, RungFacts> factsUpTo(UUID pair, Set<RungId> rungs, LessonKey lesson) {
        if (rungs.isEmpty()) {
            return Map.of();
        }
        Judge judge = judge();
        List<RungUpTo> wanted = rungs.stream()
                .map(r -> new RungUpTo(pair, r, lesson, judge.instrument(r)))
                .toList();
        return facts(wanted, List.of(), judge).last().getOrDefault(pair, Map.of());
    }

    /**
     * What share was answered YES in each of the last lessons on these rungs, one a pair at most, the earliest first: by the same lessons
     * as {@link #factsUpTo}. A pair that never rode its rung is left out.
     */
    public Map<UUID, List<LessonRates>> ratesNow(Map<UUID, RungId> rungs) {
        Judge judge = judge();
        List<RungUpTo> wanted = rungs.entrySet().stream()
                .map(e -> new RungUpTo(e.getKey(), e.getValue(), LessonKey.LAST, judge.instrument(e.getValue())))
                .toList();
        return wanted.isEmpty() ? Map.of() : ridden.rates(wanted, judge);
    }

    /**
     * Keeps how this pair stands at the end of each lesson that ended and has no state yet; the lessons before it that nobody ended count
     * as well. To be called when a lesson has ended, or one that had has changed.
     */
    public void settle(UUID pair) {
        states.lock(pair);
        StateSince since = states.since(List.of(pair), Optional.empty()).get(pair);
        Folding folding = open(List.of(settled(since))).get(pair);
        states.replaceAfter(since.from(), folding.settle());
    }

    /** Makes all states of a pair anew from its lessons and decisions; whether one stood here that said anything else. */
    public boolean settleAnew(UUID pair) {
        states.lock(pair);
        List<StoredState> before = states.all(pair);
        states.forget(pair, LessonKey.FIRST.beganAt());
        StateSince since = states.since(List.of(pair), Optional.empty()).get(pair);
        Folding folding = open(List.of(settled(since))).get(pair);
        List<StoredState> now = folding.settle();
        states.replaceAfter(since.from(), now);
        Map<UUID, PairState> byLesson =
                now.stream().collect(Collectors.toMap(k -> k.upTo().lesson(), StoredState::state));
        return before.stream()
                .filter(k -> k.madeBy().equals(folding.madeBy))
                .anyMatch(k -> !k.state().equals(byLesson.get(k.upTo().lesson())));
    }

    /** Without the lessons after the last that ended: they go on. */
    private static StateSince settled(StateSince since) {
        List<BegunLesson> lessons = since.lessons();
        int ended = lessons.size();
        while (ended > 0 && !lessons.get(ended - 1).isEnded()) {
            ended--;
        }
        return new StateSince(since.from(), lessons.subList(0, ended), since.decisions());
    }

    /** What began at this moment or later has changed. */
    public void forget(UUID pair, Instant from) {
        states.forget(pair, from);
    }

    /** Raised when a state says more than it did: states kept before are then judged anew as they are next read. */
    private static final String SAYS = "says/3 ";

    /** The rules, thresholds and catalogue by which states are judged now. */
    private String madeBy() {
        return SAYS + rules.judging().stream().map(PairStates::version).collect(Collectors.joining(" ")) + " catalogue/"
                + fingerprint(catalogue.judgement());
    }

    /** A text as long as the catalogue, and its digest in short. */
    private record Fingerprint(String text, String digest) {}

    /** The last that was asked for: most yards teach by the catalogue as it ships. */
    private volatile Fingerprint last = new Fingerprint("", "");

    private String fingerprint(String text) {
        Fingerprint known = last;
        if (!known.text().equals(text)) {
            known = new Fingerprint(text, Digest.of(text).substring(0, 16));
            last = known;
        }
        return known.digest();
    }

    private static String version(Thresholds t) {
        String values = t.names().stream().sorted().map(n -> n + "=" + t.get(n)).collect(Collectors.joining(","));
        return t.book() + "#" + Digest.of(values).substring(0, 16);
    }

    private void decide(PairFold fold, StoredDecision made) {
        catalogue.rung(made.rung()).map(Rung::id).ifPresent(r -> fold.decide(made.on(r)));
    }

    /** Folds that go on from these states, with what they must know of the lessons before. */
    private Map<UUID, Folding> open(Collection<StateSince> all) {
        String madeBy = madeBy();
        Judge judge = judge();
        List<RungUpTo> wanted = new ArrayList<>();
        List<BegunLesson> begun = new ArrayList<>();
        for (StateSince since : all) {
            begun.addAll(since.lessons());
            StoredState from = since.from();
            Set<RungId> rungs = new HashSet<>();
            if (!from.isStart()) {
                since.lessons().forEach(l -> rungs.addAll(l.rungs()));
                if (!madeBy.equals(from.madeBy())) {
                    rungs.addAll(from.state().rungs().keySet());
                }
            }
            rungs.forEach(r -> wanted.add(new RungUpTo(from.pair(), r, from.upTo(), judge.instrument(r))));
        }
        FactsOfRungs facts = facts(wanted, begun, judge);
        Map<UUID, Folding> foldings = new HashMap<>();
        all.forEach(since -> foldings.put(since.from().pair(), folding(since, facts, judge, madeBy)));
        return foldings;
    }

    private Judge judge() {
        return new Judge(catalogue::rung, rules.rungDecision(), rules.stifferSide());
    }

    private Folding folding(StateSince since, FactsOfRungs facts, Judge judge, String madeBy) {
        StoredState from = since.from();
        PairFold fold = new PairFold(from.state(), facts.last().getOrDefault(from.pair(), Map.of()), judge);
        if (!from.isStart() && !madeBy.equals(from.madeBy())) {
            fold.judgeAnew();
            states.judgedAnew(from, fold.state(), madeBy);
        }
        return new Folding(since, fold, facts.byLesson(), madeBy);
    }

    /** The last lessons by pair and rung, and what was ridden by lesson. */
    private record FactsOfRungs(Map<UUID, Map<RungId, RungFacts>> last, Map<UUID, Map<RungId, LessonFacts>> byLesson) {}

    private FactsOfRungs facts(List<RungUpTo> wanted, List<BegunLesson> lessons, Judge judge) {
        if (wanted.isEmpty() && lessons.isEmpty()) {
            return new FactsOfRungs(Map.of(), Map.of());
        }
        RiddenFacts all = ridden.ridden(wanted, lessons, judge, settings.zone());
        Map<UUID, Map<RungId, RungFacts>> last = new HashMap<>();
        all.last().forEach((pair, byRung) -> {
            Map<RungId, RungFacts> facts = new HashMap<>();
            byRung.forEach((rung, on) -> facts.put(rung, new RungFacts(judge.works(rung), on)));
            last.put(pair, facts);
        });
        return new FactsOfRungs(last, all.byLesson());
    }

    /** One pair being folded on. */
    private final class Folding {
        private final StateSince since;
        private final PairFold fold;
        private final Map<UUID, Map<RungId, LessonFacts>> byLesson;
        private final String madeBy;

        Folding(StateSince since, PairFold fold, Map<UUID, Map<RungId, LessonFacts>> byLesson, String madeBy) {
            this.since = since;
            this.fold = fold;
            this.byLesson = byLesson;
            this.madeBy = madeBy;
        }

        void ride(List<BegunLesson> lessons) {
            lessons.forEach(this::ride);
        }

        private void ride(BegunLesson lesson) {
            Map<RungId, LessonFacts> facts =
                    new HashMap<>(byLesson.getOrDefault(lesson.key().lesson(), Map.of()));
            facts.keySet().retainAll(lesson.rungs());
            fold.ride(new RiddenLesson(facts));
        }

        /** With all that came since. */
        PairState all() {
            ride(since.lessons());
            since.decisions().forEach(m -> decide(fold, m));
            return fold.state();
        }

        /** The state at the end of each lesson, with what was decided before it began. */
        List<StoredState> settle() {
            List<StoredState> kept = new ArrayList<>();
            List<StoredDecision> made = since.decisions();
            int decided = 0;
            for (BegunLesson lesson : since.lessons()) {
                while (decided < made.size()
                        && made.get(decided).at().isBefore(lesson.key().beganAt())) {
                    decide(fold, made.get(decided++));
                }
                ride(lesson);
                kept.add(new StoredState(since.from().pair(), lesson.key(), madeBy, fold.state()));
            }
            return kept;
        }
    }
}
