package strophos.core.record;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import strophos.core.exchange.AidOrder;
import strophos.core.exchange.Bend;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/**
 * Reads what an entry says. Every payload version ever shipped stays readable; what is not understood is empty, never
 * an error, since the entry is kept all the same. Fields it does not know are passed over.
 */
public final class PayloadReader {

    /** Longest note, in UTF-16 units. */
    public static final int NOTE_MAX_LENGTH = 2000;

    /** Largest clock offset believed, in milliseconds: ten years of 365 days. */
    public static final long OFFSET_MAX_MS = 315_360_000_000L;

    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    /** Something other than blanks; spelled out, since Java and JavaScript do not agree on what is blank. */
    private static final Pattern WRITTEN = Pattern.compile("[^ \\t\\r\\n]");

    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,63}");

    /** Circles believed, by diameter in metres. */
    static final int SMALLEST_CIRCLE_M = 6;

    static final int LARGEST_CIRCLE_M = 40;

    private PayloadReader() {}

    /** The payload of an entry of this kind and version; empty when it is not understood. */
    public static Optional<Payload> read(String kind, int v, Map<String, Object> p) {
        if (v != 1) {
            return Optional.empty();
        }
        return switch (kind) {
            case "lesson_started" -> Optional.of(new Payload.LessonStarted());
            case "lesson_ended" -> Optional.of(new Payload.LessonEnded());
            case "clock" ->
                whole(p.get("offsetMs"))
                        .filter(ms -> Math.abs(ms) <= OFFSET_MAX_MS)
                        .map(Payload.Clock::new);
            case "segment" -> segment(p);
            case "exchange" -> exchange(p);
            case "first_look" -> LookReader.read(p).map(Payload.Look::new);
            case "rest" -> Optional.of(new Payload.Rest());
            case "note" ->
                text(p.get("text"))
                        .filter(t -> WRITTEN.matcher(t).find() && t.length() <= NOTE_MAX_LENGTH)
                        .map(Payload.Note::new);
            case "void" -> id(p.get("target")).map(Payload.Void::new);
            case "amend" ->
                id(p.get("target")).flatMap(target -> object(p.get("payload")).map(o -> new Payload.Amend(target, o)));
            default -> MarkReader.read(kind, p);
        };
    }

    private static Optional<Payload> segment(Map<String, Object> p) {
        Optional<String> exercise = name(p.get("exercise"));
        Optional<Gait> gait = one(Gait.class, p.get("gait"));
        Optional<Place> place = one(Place.class, p.get("place"));
        Optional<Rein> rein = one(Rein.class, p.get("rein"));
        Optional<Mounted> mounted = one(Mounted.class, p.get("mounted"));
        if (exercise.isEmpty() || gait.isEmpty() || place.isEmpty() || rein.isEmpty() || mounted.isEmpty()) {
            return Optional.empty();
        }
        Detail detail = new Detail(p);
        Payload.Segment segment = new Payload.Segment(
                exercise.get(),
                gait.get(),
                place.get(),
                rein.get(),
                mounted.get(),
                detail.whole("circleM", SMALLEST_CIRCLE_M, LARGEST_CIRCLE_M),
                detail.one("bend", Bend.class),
                detail.aids());
        return detail.fits() ? Optional.of(segment) : Optional.empty();
    }

    private static Optional<Payload> exchange(Map<String, Object> p) {
        Optional<String> segment = id(p.get("segment"));
        Optional<Strength> strength = whole(p.get("strength")).flatMap(Strength::ofLevel);
        Optional<Response> response = one(Response.class, p.get("response"));
        if (segment.isEmpty() || strength.isEmpty() || response.isEmpty()) {
            return Optional.empty();
        }
        Detail detail = new Detail(p);
        OptionalInt first = detail.whole("first", 1, strength.get().level());
        Payload.Exchange exchange = new Payload.Exchange(
                segment.get(),
                strength.get(),
                response.get(),
                first.isPresent() ? Strength.ofLevel(first.getAsInt()) : Optional.empty(),
                detail.aids(),
                detail.one("order", AidOrder.class));
        return detail.fits() ? Optional.of(exchange) : Optional.empty();
    }

    private static Optional<String> text(Object value) {
        return value instanceof String s ? Optional.of(s) : Optional.empty();
    }

    /** A short name, as exercises, faults and signs have. */
    static Optional<String> name(Object value) {
        return text(value).filter(t -> NAME.matcher(t).matches());
    }

    static Optional<String> id(Object value) {
        return text(value).filter(t -> ID.matcher(t).matches());
    }

    /** A whole number; 2.0 counts, since the web's numbers do not tell it from 2. */
    static Optional<Long> whole(Object value) {
        return value instanceof Number n && n.doubleValue() == Math.rint(n.doubleValue())
                ? Optional.of(n.longValue())
                : Optional.empty();
    }

    static Optional<Integer> whole(Object value, int least, int most) {
        return whole(value).filter(n -> n >= least && n <= most).map(Long::intValue);
    }

    static <T extends Enum<T>> Optional<T> one(Class<T> type, Object value) {
        return Arrays.stream(type.getEnumConstants())
                .filter(c -> c.name().equals(value))
                .findFirst();
    }

    @SuppressWarnings("unchecked")
    private static Optional<Map<String, Object>> object(Object value) {
        return value instanceof Map<?, ?> m ? Optional.of((Map<String, Object>) m) : Optional.empty();
    }
}
