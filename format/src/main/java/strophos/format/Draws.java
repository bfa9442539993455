package strophos.format;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.LongStream;

/**
 * Draws payloads as JSON text: such as keep the format, and such as break it in every way a parser of JSON lets through. As text,
 * since some of them have no value in one language or the other.
 */
public final class Draws {

    /** A text of JSON, and whether every reader can read it at all. */
    public record Snippet(String json, boolean isPlain) {}

    /** A payload and what is special about it. */
    public record Case(String kind, int v, String says, String payload, boolean isPlain) {}

    /** What stands where something else should: each of them has been read differently by two readers, somewhere. */
    public static final List<Snippet> ODD = List.of(
            new Snippet("null", true),
            new Snippet("true", true),
            new Snippet("false", true),
            new Snippet("0", true),
            new Snippet("-0", true),
            new Snippet("-0.0", true),
            new Snippet("1", true),
            new Snippet("1.0", true),
            new Snippet("1e0", true),
            new Snippet("2.5", true),
            new Snippet("-1", true),
            new Snippet("0.30000000000000004", true),
            new Snippet("9007199254740991", true),
            new Snippet("9007199254740993", true),
            new Snippet("9223372036854775807", true),
            new Snippet("-9223372036854775808", true),
            new Snippet("18446744073709551617", true),
            new Snippet("1e300", true),
            new Snippet("-1e300", true),
            new Snippet("5e-324", true),
            new Snippet("1e400", false),
            new Snippet("-1e400", false),
            new Snippet("\"\"", true),
            new Snippet("\" \\t\\r\\n\"", true),
            new Snippet("\"\\u00a0\"", true),
            new Snippet("\"1\"", true),
            new Snippet("\"left\"", true),
            new Snippet("\"LEFT\"", true),
            new Snippet("\"NONE\"", true),
            new Snippet("\"TÖLT\"", true),
            new Snippet("\"TOLT\"", true),
            new Snippet("\"a\\n\"", true),
            new Snippet("\"00000000-0000-7000-8000-000000000001\\n\"", true),
            new Snippet("\"00000000-0000-7000-8000-00000000000A\"", true),
            new Snippet("\"\\ud83d\\udc34\"", true),
            new Snippet("\"e\\u0301\"", true),
            new Snippet("\"\\u0000\"", false),
            new Snippet("\"a\\ud800\"", false),
            new Snippet("\"\\udc00b\"", false),
            new Snippet("\"\\udc00\\ud800\"", false),
            new Snippet("[]", true),
            new Snippet("{}", true),
            new Snippet("[null]", true),
            new Snippet("[[]]", true),
            new Snippet("{\"__proto__\":{}}", true),
            new Snippet("{\"a\\u0000\":1}", false),
            new Snippet("{\"a\":1e400}", false),
            new Snippet("[".repeat(15) + "]".repeat(15), true),
            new Snippet("[".repeat(16) + "]".repeat(16), false),
            new Snippet("{\"a\":".repeat(16) + "1" + "}".repeat(16), false));

    private static final String ID = "00000000-0000-7000-8000-000000000001";

    private final SplittableRandom random;

    /** @param random where chance comes from; the same seed draws the same */
    public Draws(SplittableRandom random) {
        this.random = random;
    }

    /** Of every kind: what it may be at its bounds, and everything odd in every field. */
    public static List<Case> cases(Format format) {
        Draws draws = new Draws(new SplittableRandom(11));
        return format.kinds().stream().flatMap(k -> draws.cases(k).stream()).toList();
    }

    private List<Case> cases(Format.Kind kind) {
        List<Format.Field> fields = fields(kind);
        List<Case> cases = new ArrayList<>();
        cases.add(of(kind, "nothing", new LinkedHashMap<>(), true));
        cases.add(of(kind, "no more than it needs", needed(fields, () -> ID), true));
        cases.add(of(kind, "all there can be", all(fields, () -> ID), true));
        cases.add(new Case(kind.kind(), kind.v() + 1, "another version", json(all(fields, () -> ID)), true));
        for (Snippet odd : ODD) {
            Map<String, String> extra = all(fields, () -> ID);
            extra.put("later", odd.json());
            cases.add(of(kind, "an unknown field of " + odd.json(), extra, odd.isPlain()));
        }
        for (Format.Field f : fields) {
            Map<String, String> without = all(fields, () -> ID);
            without.remove(f.name());
            cases.add(of(kind, "without " + f.name(), without, true));
            for (Snippet odd : ODD) {
                cases.add(with(kind, fields, f, odd));
            }
            edges(f.type()).forEach(edge -> cases.add(with(kind, fields, f, new Snippet(edge, true))));
        }
        return cases;
    }

    private Case with(Format.Kind kind, List<Format.Field> fields, Format.Field f, Snippet value) {
        Map<String, String> payload = all(fields, () -> ID);
        payload.put(f.name(), value.json());
        return of(kind, f.name() + ": " + value.json(), payload, value.isPlain());
    }

    private static Case of(Format.Kind kind, String says, Map<String, String> payload, boolean isPlain) {
        return new Case(kind.kind(), kind.v(), says, json(payload), isPlain);
    }

    /** What lies at the bounds of a type, on both sides. */
    private List<String> edges(Type t) {
        if (t instanceof Type.Whole w) {
            return LongStream.of(w.least() - 1, w.least(), w.most(), w.most() + 1)
                    .boxed()
                    .flatMap(n -> List.of(String.valueOf(n), n + ".0", n + ".5").stream())
                    .toList();
        } else if (t instanceof Type.OfScale s) {
            return LongStream.rangeClosed(-1, 21).mapToObj(String::valueOf).toList();
        } else if (t instanceof Type.Word w) {
            return w.words().words().stream().map(x -> wire(w.words(), x)).toList();
        } else if (t instanceof Type.Text x && x.most() > 0) {
            String horse = "\\ud83d\\udc34";
            return List.of(
                    Text.quoted("x".repeat(x.most())),
                    Text.quoted("x".repeat(x.most() + 1)),
                    "\"" + horse.repeat(x.most()) + "\"",
                    "\"" + horse.repeat(x.most() + 1) + "\"");
        } else if (t instanceof Type.Text x) {
            return List.of("\"a\"", Text.quoted("a".repeat(64)), Text.quoted("a".repeat(65)), "\"" + ID + "\"");
        } else if (t instanceof Type.Many m) {
            List<String> edges = new ArrayList<>();
            for (int size : new int[] {m.least() - 1, m.least(), m.most(), m.most() + 1}) {
                edges.add(LongStream.range(0, size)
                        .mapToObj(i -> json(needed(m.part().fields(), () -> ID)))
                        .collect(Collectors.joining(",", "[", "]")));
            }
            parts(m.part()).forEach(p -> edges.add("[" + p + "]"));
            return edges;
        }
        return t instanceof Type.OfPart p ? parts(p.part()) : List.of();
    }

    /** Parts with each of their fields at its edges, left out, and odd as far as it is plain. */
    private List<String> parts(Format.Part part) {
        List<String> parts = new ArrayList<>();
        for (Format.Field f : part.fields()) {
            Map<String, String> without = all(part.fields(), () -> ID);
            without.remove(f.name());
            parts.add(json(without));
            List<String> values = new ArrayList<>(edges(f.type()));
            ODD.stream().filter(Snippet::isPlain).forEach(o -> values.add(o.json()));
            for (String value : values) {
                Map<String, String> with = all(part.fields(), () -> ID);
                with.put(f.name(), value);
                parts.add(json(with));
            }
        }
        return parts;
    }

    /** A payload of a kind that keeps the format, with some of what may be left out. */
    public String fitting(Format.Kind kind, Supplier<String> ids) {
        return json(some(fields(kind), ids));
    }

    /** A payload of a kind with one field that is odd, or missing, or one more than it knows. */
    public String odd(Format.Kind kind, Supplier<String> ids) {
        Map<String, String> payload = some(fields(kind), ids);
        List<String> names =
                new ArrayList<>(fields(kind).stream().map(Format.Field::name).toList());
        names.add("later");
        String name = names.get(random.nextInt(names.size()));
        if (random.nextInt(6) == 0) {
            payload.remove(name);
        } else {
            payload.put(name, ODD.get(random.nextInt(ODD.size())).json());
        }
        return json(payload);
    }

    private static List<Format.Field> fields(Format.Kind kind) {
        return kind.as().isEmpty()
                ? kind.fields()
                : ((Type.OfPart) kind.fields().get(0).type()).part().fields();
    }

    private Map<String, String> needed(List<Format.Field> fields, Supplier<String> ids) {
        return drawn(fields.stream().filter(Format.Field::isRequired).toList(), ids);
    }

    private Map<String, String> all(List<Format.Field> fields, Supplier<String> ids) {
        return drawn(fields, ids);
    }

    private Map<String, String> some(List<Format.Field> fields, Supplier<String> ids) {
        return drawn(
                fields.stream()
                        .filter(f -> f.isRequired() || random.nextBoolean())
                        .toList(),
                ids);
    }

    private Map<String, String> drawn(List<Format.Field> fields, Supplier<String> ids) {
        Map<String, String> payload = new LinkedHashMap<>();
        fields.forEach(f -> payload.put(f.name(), value(f.type(), ids)));
        // what must not exceed another is as it
        fields.stream()
                .filter(f -> !f.atMost().isEmpty() && payload.containsKey(f.name()))
                .forEach(f -> payload.put(f.name(), payload.get(f.atMost())));
        return payload;
    }

    private String value(Type t, Supplier<String> ids) {
        if (t instanceof Type.Text x) {
            return switch (x.name()) {
                case "Id" -> Text.quoted(ids.get());
                case "Name" -> name();
                case "Sha256" -> Text.quoted("%064x".formatted(random.nextLong(Long.MAX_VALUE)));
                default -> "\"Softer today.\"";
            };
        } else if (t instanceof Type.Whole w) {
            return String.valueOf(random.nextLong(w.least(), w.most() + 1));
        } else if (t instanceof Type.OfScale s) {
            return String.valueOf(pick(s.scale().values()));
        } else if (t instanceof Type.Flag) {
            return String.valueOf(random.nextBoolean());
        } else if (t instanceof Type.Word w) {
            return w.only().isEmpty()
                    ? w.words().isOpen() && random.nextInt(9) == 0
                            ? "\"ALONGSIDE\""
                            : wire(w.words(), pick(w.words().words()))
                    : Text.quoted(pick(w.only()));
        } else if (t instanceof Type.OfPart p) {
            return json(some(p.part().fields(), ids));
        } else if (t instanceof Type.Many m) {
            return LongStream.range(0, random.nextInt(m.least(), m.most() + 1))
                    .mapToObj(i -> json(some(m.part().fields(), ids)))
                    .collect(Collectors.joining(",", "[", "]"));
        }
        return "{}";
    }

    /** Names that mean something in a lesson among them. */
    private String name() {
        return Text.quoted(
                pick(List.of("inside-bend", "leg-back", "stumbles", "uneven-step", "bucks", "jumps-away", "a")));
    }

    private static String wire(Format.Words words, Format.Word word) {
        return words.isNumbered() ? String.valueOf(word.number()) : Text.quoted(word.word());
    }

    private <T> T pick(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private static String json(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(f -> Text.quoted(f.getKey()) + ":" + f.getValue())
                .collect(Collectors.joining(",", "{", "}"));
    }
}
