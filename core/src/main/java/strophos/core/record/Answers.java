package strophos.core.record;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Response;
import strophos.core.exchange.Speed;
import strophos.core.exchange.Strength;
import strophos.core.exchange.TakeOff;

/**
 * What a ride says of its rungs: its asks, and choices and lines read as asks, so that one set of rules judges all three.
 * Choices and lines have no strength; they count at the lowest. How they are read is common practice, no source.
 */
public final class Answers {

    private Answers() {}

    /** All of a ride, in order. */
    public static List<Ride.Exchange> of(Ride ride) {
        return Stream.concat(ride.exchanges().stream(), ride.marks().stream().flatMap(m -> read(m).stream()))
                .sorted(Comparator.comparingLong(Ride.Exchange::atMs))
                .toList();
    }

    private static Optional<Ride.Exchange> read(Ride.Mark mark) {
        return Counts.asAsk(mark.said(), new AsAsk(mark));
    }

    /** How each kind is read as an ask. */
    private record AsAsk(Ride.Mark mark) implements Counts.AsAsk<Ride.Exchange> {

        @Override
        public Ride.Exchange choice(Payload.HorseChoice c) {
            return ask(mark, c.segment(), response(c.choice()));
        }

        @Override
        public Ride.Exchange line(Payload.Line l) {
            return ask(mark, l.segment(), response(l));
        }
    }

    private static Ride.Exchange ask(Ride.Mark mark, String segment, Response response) {
        return new Ride.Exchange(
                mark.id(),
                mark.atMs(),
                mark.author(),
                new Payload.Exchange(
                        segment,
                        Strength.THOUGHT,
                        response,
                        Optional.empty(),
                        List.of(),
                        Optional.empty(),
                        Optional.empty()));
    }

    /** Coming and waiting are what was asked for; coming back by itself is on the way; leaving is no error. */
    private static Response response(Choice choice) {
        return switch (choice) {
            case COMES, WAITS -> Response.YES;
            case RETURNS -> Response.TRY;
            case LEAVES, FRIGHT -> Response.NONE;
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
