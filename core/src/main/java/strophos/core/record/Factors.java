package strophos.core.record;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import strophos.core.exchange.Felt;
import strophos.core.exchange.Side;

/**
 * What the rider did beside the asks, as factors to be laid beside the horse's answers: position faults and aid habits by
 * name, marked or latched, contact other than even, each with its side. Praise, releases and the horse's own signs are none.
 */
public final class Factors {

    private Factors() {}

    /** One factor at its moment; {@code factor} is a name and a side, such as {@code leg-back.LEFT}. */
    public record FactorMark(long atMs, String factor) {}

    /** All of a ride, in order. */
    public static List<FactorMark> of(Ride ride) {
        return Stream.concat(
                        ride.marks().stream()
                                .flatMap(m -> factor(m.said()).map(f -> new FactorMark(m.atMs(), f)).stream()),
                        latched(ride).stream())
                .sorted(Comparator.comparingLong(FactorMark::atMs))
                .toList();
    }

    /**
     * What was latched, at the ask that carries it: the first one after it was switched on, however long after, unless it was switched off
     * before.
     */
    private static List<FactorMark> latched(Ride ride) {
        List<FactorMark> carried = new ArrayList<>();
        Set<String> on = new LinkedHashSet<>();
        Iterator<Ride.Exchange> asks = ride.exchanges().iterator();
        Optional<Ride.Exchange> next = next(asks);
        for (Ride.Mark mark : ride.marks()) {
            Optional<Payload.Latch> latch = Counts.latch(mark.said(), l -> l);
            if (latch.isEmpty()) {
                continue;
            }
            while (next.isPresent() && next.get().atMs() < mark.atMs()) {
                carry(on, next.get().atMs(), carried);
                next = next(asks);
            }
            String factor = named(latch.get().name(), latch.get().side());
            if (latch.get().on()) {
                on.add(factor);
            } else {
                on.remove(factor);
            }
        }
        next.ifPresent(x -> carry(on, x.atMs(), carried));
        return carried;
    }

    private static void carry(Set<String> on, long atMs, List<FactorMark> carried) {
        on.forEach(factor -> carried.add(new FactorMark(atMs, factor)));
        on.clear();
    }

    private static Optional<Ride.Exchange> next(Iterator<Ride.Exchange> asks) {
        return asks.hasNext() ? Optional.of(asks.next()) : Optional.empty();
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
