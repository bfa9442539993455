package strophos.core.record;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import strophos.core.exchange.Felt;
import strophos.core.exchange.Side;

/**
 * What the rider did beside the asks, as factors to be laid beside the horse's answers: position faults and aid habits by
 * name, contact other than even, each with its side. Praise, releases and the horse's own signs are none.
 */
public final class Factors {

    private Factors() {}

    /** One factor at its moment; {@code factor} is a name and a side, such as {@code leg-back.LEFT}. */
    public record FactorMark(long atMs, String factor) {}

    /** All of a ride, in order. */
    public static List<FactorMark> of(Ride ride) {
        return ride.marks().stream()
                .flatMap(m -> factor(m.said()).map(f -> new FactorMark(m.atMs(), f)).stream())
                .toList();
    }

    private static final Counts.Factor<Optional<String>> AS_FACTOR = new Counts.Factor<>() {
        @Override
        public Optional<String> fault(Payload.Fault f) {
            return Optional.of(named(f.name(), f.side()));
        }

        @Override
        public Optional<String> contact(Payload.Contact c) {
            return c.felt() == Felt.EVEN
                    ? Optional.empty()
                    : Optional.of(named("contact-" + c.felt().name().toLowerCase(Locale.ROOT), c.side()));
        }
    };

    private static Optional<String> factor(Payload.Mark mark) {
        return Counts.factor(mark, AS_FACTOR).flatMap(factor -> factor);
    }

    private static String named(String name, Side side) {
        return name + "." + side;
    }
}
