package strophos.server.debrief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.LeadChange;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.Speed;
import strophos.core.exchange.Strength;
import strophos.core.exchange.TakeOff;
import strophos.core.record.Answer;
import strophos.core.record.Answers;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.stair.RungId;
import strophos.server.contract.CanBeNull;

/**
 * What was touched in on one rung beside the asks by strength, plainly, whoever rode.
 *
 * @param answers of pads without strengths, by rein, in the order of their words
 * @param rewards in reward-based work
 * @param lines of fences, in order
 * @param holds stretches that were held, in order
 * @param headsCm ears to withers, in order
 * @param praised how often the horse was praised
 * @param lighterFirst asks that were begun lighter than they were answered, by both levels
 * @param tallied asks that were counted afterwards, and not one by one
 * @param slips asks that the rider got wrong, which are in no count of the horse's
 */
record RungMarks(
        List<AnswerCount> answers,
        int rewards,
        List<LineView> lines,
        List<HoldView> holds,
        List<Integer> headsCm,
        int praised,
        List<LighterFirst> lighterFirst,
        int tallied,
        int slips) {

    static final RungMarks NONE = new RungMarks(List.of(), 0, List.of(), List.of(), List.of(), 0, List.of(), 0, 0);

    /** Something stands here that is no ask. */
    boolean isAnything() {
        return slips + praised + rewards > 0 || !holds.isEmpty() || !headsCm.isEmpty();
    }

    /** So often this answer, in the words of its pad. */
    record AnswerCount(PadKind pad, String answer, Rein rein, int times) {}

    /** One line ridden; null where it was not noted. */
    record LineView(
            int ridden,
            @CanBeNull Integer planned,
            @CanBeNull TakeOff takeOff,
            @CanBeNull Side lead,
            @CanBeNull Boolean straight,
            @CanBeNull Rail rail,
            @CanBeNull LeadChange change,
            @CanBeNull Speed speed) {}

    record HoldView(HoldUnit unit, int amount) {}

    /** Begun at the one level, answered at the other. */
    record LighterFirst(int first, int then, int times) {}

    private record Here(Ride.Segment segment, Payload.Mark said) {}

    /** What was touched in on each rung of a lesson. */
    static Map<RungId, RungMarks> of(Ride ride) {
        Map<String, Ride.Segment> segments =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, s -> s));
        Map<RungId, List<Here>> marks = new LinkedHashMap<>();
        Map<RungId, List<Ride.Exchange>> asks = new LinkedHashMap<>();
        Map<RungId, Integer> slips = new LinkedHashMap<>();
        for (Ride.Mark m : ride.marks()) {
            if (m.said() instanceof Payload.OfSegment on) {
                Ride.Segment s = segments.get(on.segment());
                marks.computeIfAbsent(s.rung(), r -> new ArrayList<>()).add(new Here(s, on));
            }
        }
        Set<String> slipped = Answers.slips(ride);
        for (Ride.Exchange x : ride.exchanges()) {
            RungId rung = segments.get(x.segment()).rung();
            asks.computeIfAbsent(rung, r -> new ArrayList<>()).add(x);
            slips.merge(rung, slipped.contains(x.id()) ? 1 : 0, Integer::sum);
        }
        Map<RungId, Integer> tallied = new LinkedHashMap<>();
        for (Answer a : Answers.of(ride)) {
            if (a instanceof Answer.Count) {
                tallied.merge(segments.get(a.segment()).rung(), a.asks(), Integer::sum);
            }
        }
        Map<RungId, RungMarks> all = new LinkedHashMap<>();
        ride.segments().stream()
                .map(Ride.Segment::rung)
                .distinct()
                .forEach(rung -> all.put(
                        rung,
                        of(
                                marks.getOrDefault(rung, List.of()),
                                asks.getOrDefault(rung, List.of()),
                                tallied.getOrDefault(rung, 0),
                                slips.getOrDefault(rung, 0))));
        return all;
    }

    private static RungMarks of(List<Here> marks, List<Ride.Exchange> asks, int tallied, int slips) {
        return new RungMarks(
                answers(marks),
                each(marks, Payload.Reward.class).size(),
                each(marks, Payload.Line.class).stream().map(RungMarks::line).toList(),
                each(marks, Payload.Hold.class).stream()
                        .map(h -> new HoldView(h.unit(), h.amount()))
                        .toList(),
                each(marks, Payload.HeadHeight.class).stream()
                        .map(Payload.HeadHeight::cm)
                        .toList(),
                each(marks, Payload.Praise.class).size(),
                lighterFirst(asks),
                tallied,
                slips);
    }

    private static <T extends Payload.Mark> List<T> each(List<Here> marks, Class<T> kind) {
        return marks.stream()
                .map(Here::said)
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    private static List<AnswerCount> answers(List<Here> marks) {
        record OnRein(Word word, Rein rein) {}
        Map<OnRein, Integer> times = new LinkedHashMap<>();
        marks.forEach(m -> Word.of(m.said())
                .ifPresent(w -> times.merge(new OnRein(w, m.segment().rein()), 1, Integer::sum)));
        return times.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<OnRein, Integer> e) ->
                                e.getKey().word().pad())
                        .thenComparing(e -> e.getKey().word().place())
                        .thenComparing(e -> e.getKey().rein()))
                .map(e -> new AnswerCount(
                        e.getKey().word().pad(),
                        e.getKey().word().answer(),
                        e.getKey().rein(),
                        e.getValue()))
                .toList();
    }

    /** A word of a pad without strengths, and where it stands on it. */
    private record Word(PadKind pad, int place, String answer) {

        static Optional<Word> of(Payload.Mark said) {
            if (said instanceof Payload.HorseChoice c) {
                return word(PadKind.CHOICE, c.choice());
            }
            if (said instanceof Payload.Poles p) {
                return word(PadKind.POLES, p.answer());
            }
            return said instanceof Payload.Position p ? word(PadKind.POSITION, p.answer()) : Optional.empty();
        }

        private static Optional<Word> word(PadKind pad, Enum<?> answer) {
            return Optional.of(new Word(pad, answer.ordinal(), answer.name()));
        }
    }

    private static LineView line(Payload.Line l) {
        return new LineView(
                l.ridden(),
                l.planned().isPresent() ? l.planned().getAsInt() : null,
                l.takeOff().orElse(null),
                l.lead().orElse(null),
                l.straight().orElse(null),
                l.rail().orElse(null),
                l.change().orElse(null),
                l.speed().orElse(null));
    }

    private static List<LighterFirst> lighterFirst(List<Ride.Exchange> asks) {
        record Levels(Strength first, Strength then) {}
        Map<Levels, Integer> times = new LinkedHashMap<>();
        for (Ride.Exchange x : asks) {
            x.said()
                    .first()
                    .filter(first -> first.compareTo(x.strength()) < 0)
                    .ifPresent(first -> times.merge(new Levels(first, x.strength()), 1, Integer::sum));
        }
        return times.entrySet().stream()
                .map(e -> new LighterFirst(
                        e.getKey().first().level(), e.getKey().then().level(), e.getValue()))
                .toList();
    }
}
