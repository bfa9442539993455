package strophos.core.record;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.exchange.Choice;
import strophos.core.exchange.PolesAnswer;
import strophos.core.exchange.PositionAnswer;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Response;
import strophos.core.exchange.Speed;
import strophos.core.exchange.Strength;
import strophos.core.exchange.TakeOff;

/**
 * What a ride says of its rungs: its asks, and choices, poles, lines, the rider's position and tallies read as asks, so that one
 * set of rules judges them all. What is no ask has no strength; it counts at the lowest. How they are read is common practice, no source.
 */
public final class Answers {

    private Answers() {}

    /**
     * All of a ride, in order, but for what the rider asked wrongly and knows it. A tally counts its whole turn, the answers that were
     * touched in among them: it adds only what is left. Of several tallies of a turn the last one stands.
     */
    public static List<Answer> of(Ride ride) {
        List<Answer> all = all(ride);
        Map<String, Answer.Count> last = new HashMap<>();
        Map<String, Integer> good = new HashMap<>();
        Map<String, Integer> others = new HashMap<>();
        for (Answer a : all) {
            if (a instanceof Answer.Count count) {
                last.put(a.segment(), count);
            } else if (a instanceof Answer.Touch touch) {
                (touch.response() == Response.YES ? good : others).merge(a.segment(), 1, Integer::sum);
            }
        }
        return all.stream()
                .filter(a -> !(a instanceof Answer.Count) || last.get(a.segment()) == a)
                .map(a -> a instanceof Answer.Count count
                        ? count.without(good.getOrDefault(a.segment(), 0), others.getOrDefault(a.segment(), 0))
                        : a)
                .toList();
    }

    private static List<Answer> all(Ride ride) {
        Set<String> slips = slips(ride);
        return Stream.concat(
                        ride.exchanges().stream()
                                .filter(x -> !slips.contains(x.id()))
                                .map(x -> new Answer.Touch(x.id(), x.atMs(), x.segment(), x.strength(), x.response())),
                        ride.marks().stream().flatMap(m -> read(m).stream()))
                .sorted(Comparator.comparingLong(Answer::atMs))
                .toList();
    }

    /** The exchanges that the rider asked wrongly and knows it. */
    public static Set<String> slips(Ride ride) {
        return ride.marks().stream()
                .flatMap(m -> Counts.slip(m.said(), Payload.Slip::exchange).stream())
                .collect(Collectors.toSet());
    }

    private static Optional<Answer> read(Ride.Mark mark) {
        return Counts.asAsk(mark.said(), new AsAsk(mark));
    }

    /** How each kind is read as an ask. */
    private record AsAsk(Ride.Mark mark) implements Counts.AsAsk<Answer> {

        @Override
        public Answer choice(Payload.HorseChoice c) {
            return ask(mark, c.segment(), response(c.choice()));
        }

        @Override
        public Answer line(Payload.Line l) {
            return ask(mark, l.segment(), response(l));
        }

        @Override
        public Answer poles(Payload.Poles p) {
            return ask(mark, p.segment(), response(p.answer()));
        }

        @Override
        public Answer position(Payload.Position p) {
            return ask(mark, p.segment(), response(p.answer()));
        }

        @Override
        public Answer tally(Payload.Tally t) {
            return new Answer.Count(
                    mark.id(), mark.atMs(), t.segment(), t.strength().orElse(Strength.THOUGHT), t.good(), t.others());
        }
    }

    private static Answer ask(Ride.Mark mark, String segment, Response response) {
        return new Answer.Touch(mark.id(), mark.atMs(), segment, Strength.THOUGHT, response);
    }

    /** Coming and waiting are what was asked for; coming back by itself is on the way; leaving is no error. */
    private static Response response(Choice choice) {
        return switch (choice) {
            case COMES, WAITS -> Response.YES;
            case RETURNS -> Response.TRY;
            case LEAVES, FRIGHT -> Response.NONE;
        };
    }

    /** A pole touched is on the way; a horse that hurries or trips did something else than step over. */
    private static Response response(PolesAnswer poles) {
        return switch (poles) {
            case CLEAN -> Response.YES;
            case TOUCHED -> Response.TRY;
            case RUSHED, TRIPPED -> Response.WRONG;
        };
    }

    private static Response response(PositionAnswer position) {
        return switch (position) {
            case HOLDS -> Response.YES;
            case COMES_AND_GOES -> Response.TRY;
            case LOST -> Response.NONE;
        };
    }

    /**
     * A line is right with the strides planned, from the right spot, straight, the rail untouched, at the speed it began
     * with. With the rail down or two strides off it is wrong; anything between is a try. What was not noted was right.
     * The landing lead and its change do not count.
     */
    private static Response response(Payload.Line line) {
        int off = line.planned().isPresent() ? Math.abs(line.planned().getAsInt() - line.ridden()) : 0;
        if (off >= 2 || line.rail().equals(Optional.of(Rail.DOWN))) {
            return Response.WRONG;
        }
        boolean isRight = off == 0
                && line.takeOff().orElse(TakeOff.RIGHT) == TakeOff.RIGHT
                && line.straight().orElse(true)
                && line.rail().orElse(Rail.CLEAR) == Rail.CLEAR
                && line.speed().orElse(Speed.KEPT) == Speed.KEPT;
        return isRight ? Response.YES : Response.TRY;
    }
}
