package strophos.core.record;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Felt;
import strophos.core.exchange.Footing;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Release;
import strophos.core.exchange.Side;

/**
 * Reads marks: what was seen or done beside the asks. Names of faults and signs are any short names: the lists grow, and
 * what an older application wrote stays readable. Empty when a field is missing or out of its bounds.
 */
final class MarkReader {

    /** Coldest and hottest day believed, in degrees Celsius. */
    static final int COLDEST_C = -40;

    static final int HOTTEST_C = 60;

    static final int LONGEST_HOLD = 10_000;
    static final int HARDEST = 10;

    private final Map<String, Object> p;
    private boolean fits = true;

    private MarkReader(Map<String, Object> payload) {
        p = payload;
    }

    static Optional<Payload> read(String kind, Map<String, Object> payload) {
        return new MarkReader(payload).mark(kind);
    }

    private Optional<Payload> mark(String kind) {
        return switch (kind) {
            case "fault" -> named(Payload.Fault::new);
            case "sign" -> named(Payload.Sign::new);
            case "correction" ->
                segment()
                        .flatMap(s -> p.get("made") instanceof Boolean made
                                ? Optional.of(new Payload.Correction(s, made))
                                : Optional.empty());
            case "release" ->
                PayloadReader.id(p.get("exchange"))
                        .flatMap(x -> PayloadReader.one(Release.class, p.get("release"))
                                .map(r -> new Payload.Released(x, r)));
            case "contact" ->
                segment()
                        .flatMap(s -> PayloadReader.one(Side.class, p.get("side"))
                                .filter(side -> side != Side.NONE)
                                .flatMap(side -> PayloadReader.one(Felt.class, p.get("felt"))
                                        .map(felt -> new Payload.Contact(s, side, felt))));
            case "held" ->
                segment()
                        .flatMap(s -> PayloadReader.one(HoldUnit.class, p.get("unit"))
                                .flatMap(unit -> whole("amount", 1, LONGEST_HOLD)
                                        .map(amount -> new Payload.Held(s, unit, amount))));
            case "praise" -> segment().map(Payload.Praise::new);
            case "conditions" -> conditions();
            case "effort" -> effort();
            default -> Optional.empty();
        };
    }

    /** Makes a mark that has a name and a side. */
    private interface Named {
        Payload of(String segment, String name, Side side);
    }

    private Optional<Payload> named(Named mark) {
        return segment()
                .flatMap(s -> PayloadReader.name(p.get("name"))
                        .flatMap(name ->
                                PayloadReader.one(Side.class, p.get("side")).map(side -> mark.of(s, name, side))));
    }

    private Optional<Payload> conditions() {
        Optional<Footing> footing = PayloadReader.one(Footing.class, p.get("footing"));
        fits &= p.get("footing") == null || footing.isPresent();
        OptionalInt temperature = number("temperatureC", COLDEST_C, HOTTEST_C);
        OptionalInt humidity = number("humidityPct", 0, 100);
        boolean isAny = footing.isPresent() || temperature.isPresent() || humidity.isPresent();
        return fits && isAny ? Optional.of(new Payload.Conditions(footing, temperature, humidity)) : Optional.empty();
    }

    private Optional<Payload> effort() {
        Optional<Integer> horse = whole("horse", 0, HARDEST);
        OptionalInt rider = number("rider", 0, HARDEST);
        return fits ? horse.map(h -> new Payload.Effort(h, rider)) : Optional.empty();
    }

    private Optional<String> segment() {
        return PayloadReader.id(p.get("segment"));
    }

    private Optional<Integer> whole(String name, int least, int most) {
        return PayloadReader.whole(p.get(name))
                .filter(n -> n >= least && n <= most)
                .map(Long::intValue);
    }

    /** A number that may be left out. */
    private OptionalInt number(String name, int least, int most) {
        if (p.get(name) == null) {
            return OptionalInt.empty();
        }
        Optional<Integer> read = whole(name, least, most);
        fits &= read.isPresent();
        return read.map(OptionalInt::of).orElse(OptionalInt.empty());
    }
}
