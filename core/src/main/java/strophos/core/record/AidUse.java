package strophos.core.record;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import strophos.core.exchange.Aid;
import strophos.core.exchange.AidOrder;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Strength;
import strophos.core.stats.Proportion;

/**
 * How a rider used the aids, by what was noted of single asks: counts and order, no timing.
 *
 * @param lightly of the asks answered at a clear or strong aid whose first strength was noted: those asked more lightly first
 * @param firstAt how often each strength came first, 1 to 4, where it was noted
 * @param intoTheHand of the asks in which a driving aid was noted: those in which the hand took at the same time or after it
 * @param whipFirst of the asks in which leg and whip were noted in turn: those in which the whip came first
 */
public record AidUse(Proportion lightly, List<Integer> firstAt, Proportion intoTheHand, Proportion whipFirst) {

    private static final Set<Strength> STRONG = EnumSet.of(Strength.CLEAR, Strength.STRONG);
    private static final Set<Manner> PUSHING = EnumSet.of(Manner.TAP, Manner.PUSH);

    public AidUse {
        firstAt = List.copyOf(firstAt);
    }

    /** Of the pair's own rider. */
    public static AidUse of(Ride ride) {
        Set<String> own = ride.segments().stream()
                .filter(s -> s.mounted() == Mounted.RIDER)
                .map(Ride.Segment::id)
                .collect(Collectors.toSet());
        List<Payload.Exchange> asks = ride.exchanges().stream()
                .filter(x -> own.contains(x.segment()))
                .map(Ride.Exchange::said)
                .toList();
        List<Payload.Exchange> strong = asks.stream()
                .filter(x -> STRONG.contains(x.strength()) && x.first().isPresent())
                .toList();
        return new AidUse(
                share(strong, x -> x.first().orElseThrow().compareTo(x.strength()) < 0),
                IntStream.rangeClosed(1, Strength.values().length)
                        .mapToObj(level -> (int) asks.stream()
                                .filter(x -> x.first()
                                        .filter(f -> f.level() == level)
                                        .isPresent())
                                .count())
                        .toList(),
                share(asks.stream().filter(AidUse::drives).toList(), AidUse::intoTheHand),
                share(
                        asks.stream()
                                .filter(x -> isInTurn(x) && at(x, AidUse::isWhip) >= 0 && at(x, AidUse::isLeg) >= 0)
                                .toList(),
                        x -> at(x, AidUse::isWhip) < at(x, AidUse::isLeg)));
    }

    /** Whether a driving aid was noted. */
    public static boolean drives(Payload.Exchange ask) {
        return at(ask, AidUse::isDriving) >= 0;
    }

    /** Whether the hand took at the same time as a driving aid, or after it. */
    public static boolean intoTheHand(Payload.Exchange x) {
        if (!drives(x)) {
            return false;
        }
        int hand = lastAt(x, AidUse::isTaking);
        return hand >= 0 && (!isInTurn(x) || hand > at(x, AidUse::isDriving));
    }

    private static Proportion share(Collection<Payload.Exchange> of, Predicate<Payload.Exchange> which) {
        return new Proportion((int) of.stream().filter(which).count(), of.size());
    }

    private static boolean isInTurn(Payload.Exchange x) {
        return x.order().filter(o -> o == AidOrder.IN_TURN).isPresent();
    }

    /** The place of the first such aid; negative where there is none, or none was noted. */
    private static int at(Payload.Exchange x, Predicate<Aid> which) {
        return IntStream.range(0, x.aids().size())
                .filter(i -> which.test(x.aids().get(i)))
                .findFirst()
                .orElse(-1);
    }

    private static int lastAt(Payload.Exchange x, Predicate<Aid> which) {
        return IntStream.range(0, x.aids().size())
                .filter(i -> which.test(x.aids().get(i)))
                .max()
                .orElse(-1);
    }

    private static boolean isWhip(Aid a) {
        return a.means() == Means.WHIP;
    }

    private static boolean isLeg(Aid a) {
        return a.means() == Means.LEG;
    }

    /** A leg that only lies at the horse does not drive. */
    private static boolean isDriving(Aid a) {
        boolean isPushing = a.manner().map(PUSHING::contains).orElse(true);
        return isWhip(a)
                || (isLeg(a) && isPushing)
                || (a.means() == Means.SEAT
                        && a.manner().filter(m -> m == Manner.PUSH).isPresent());
    }

    /** A rein that holds or gives does not restrain. */
    private static boolean isTaking(Aid a) {
        return a.means() == Means.REIN
                && a.manner().filter(m -> m == Manner.TAKE).isPresent();
    }
}
