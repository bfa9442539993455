package strophos.core.record;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Felt;
import strophos.core.exchange.Footing;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.LeadChange;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Release;
import strophos.core.exchange.Side;
import strophos.core.exchange.Speed;
import strophos.core.exchange.TakeOff;
import strophos.core.pause.StopSign;
import strophos.core.watch.Watched;

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

    /** Ears against withers that are believed, in centimetres. */
    static final int LOWEST_CM = -90;

    static final int HIGHEST_CM = 120;

    /** Longest absence believed, in seconds. */
    static final int LONGEST_AWAY_S = 3_600;

    static final int MOST_STRIDES = 30;

    private final Map<String, Object> p;
    private final Detail detail;

    private MarkReader(Map<String, Object> payload) {
        p = payload;
        detail = new Detail(payload);
    }

    static Optional<Payload> read(String kind, Map<String, Object> payload) {
        MarkReader reader = new MarkReader(payload);
        return reader.mark(kind).filter(mark -> reader.detail.fits());
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
            case "head" ->
                segment().flatMap(s -> whole("cm", LOWEST_CM, HIGHEST_CM).map(cm -> new Payload.HeadHeight(s, cm)));
            case "choice" ->
                segment()
                        .flatMap(s -> PayloadReader.one(Choice.class, p.get("choice"))
                                .map(c -> new Payload.Chosen(s, c, detail.whole("returnS", 0, LONGEST_AWAY_S))));
            case "reward" -> segment().map(Payload.Reward::new);
            case "line" -> line();
            case "stop_sign" ->
                PayloadReader.one(StopSign.class, p.get("sign"))
                        .flatMap(sign -> PayloadReader.one(Side.class, p.get("side"))
                                .map(side -> new Payload.Stopped(sign, side)));
            case "praise" -> segment().map(Payload.Praise::new);
            case "conditions" -> conditions();
            case "effort" -> effort();
            case "watch" -> watch();
            case "watched" ->
                PayloadReader.id(p.get("watch"))
                        .flatMap(w -> p.get("seen") instanceof Boolean seen
                                ? Optional.of(new Payload.WatchTick(w, seen))
                                : Optional.empty());
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

    private Optional<Payload> line() {
        return segment()
                .flatMap(s -> whole("ridden", 1, MOST_STRIDES)
                        .map(ridden -> new Payload.Line(
                                s,
                                ridden,
                                detail.whole("planned", 1, MOST_STRIDES),
                                detail.one("takeOff", TakeOff.class),
                                detail.side("lead"),
                                detail.flag("straight"),
                                detail.one("rail", Rail.class),
                                detail.one("change", LeadChange.class),
                                detail.one("speed", Speed.class))));
    }

    private Optional<Payload> conditions() {
        Optional<Footing> footing = detail.one("footing", Footing.class);
        OptionalInt temperature = detail.whole("temperatureC", COLDEST_C, HOTTEST_C);
        OptionalInt humidity = detail.whole("humidityPct", 0, 100);
        boolean isAny = footing.isPresent() || temperature.isPresent() || humidity.isPresent();
        return isAny ? Optional.of(new Payload.Conditions(footing, temperature, humidity)) : Optional.empty();
    }

    private Optional<Payload> effort() {
        return whole("horse", 0, HARDEST).map(h -> new Payload.Effort(h, detail.whole("rider", 0, HARDEST)));
    }

    private Optional<Payload> watch() {
        boolean isSign = "sign".equals(p.get("of"));
        return isSign || "fault".equals(p.get("of"))
                ? PayloadReader.name(p.get("name"))
                        .flatMap(name -> PayloadReader.one(Side.class, p.get("side"))
                                .flatMap(side -> whole("weeks", 1, Watched.LONGEST_WEEKS)
                                        .map(weeks -> new Payload.Watch(isSign, name, side, weeks))))
                : Optional.empty();
    }

    private Optional<String> segment() {
        return PayloadReader.id(p.get("segment"));
    }

    private Optional<Integer> whole(String name, int least, int most) {
        return PayloadReader.whole(p.get(name), least, most);
    }
}
