package strophos.core.sheet;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/** The words of the field as they are written down, by their first word. Common practice, no source. */
final class SheetWords {

    private static final Map<String, Rein> REINS = Map.of(
            "left", Rein.LEFT, "l", Rein.LEFT, "right", Rein.RIGHT, "r", Rein.RIGHT, "none", Rein.NONE, "-", Rein.NONE);
    private static final Map<String, Response> RESPONSES = Map.ofEntries(
            Map.entry("yes", Response.YES),
            Map.entry("y", Response.YES),
            Map.entry("try", Response.TRY),
            Map.entry("t", Response.TRY),
            Map.entry("brace", Response.BRACE),
            Map.entry("braced", Response.BRACE),
            Map.entry("b", Response.BRACE),
            Map.entry("none", Response.NONE),
            Map.entry("nothing", Response.NONE),
            Map.entry("no answer", Response.NONE),
            Map.entry("n", Response.NONE),
            Map.entry("wrong", Response.WRONG),
            Map.entry("something else", Response.WRONG),
            Map.entry("w", Response.WRONG));
    private static final Map<String, Strength> STRENGTHS = Map.of(
            "1", Strength.THOUGHT,
            "2", Strength.LIGHT,
            "3", Strength.CLEAR,
            "4", Strength.STRONG,
            "whisper", Strength.THOUGHT,
            // as it was called until November 2026
            "thought", Strength.THOUGHT,
            "light", Strength.LIGHT,
            "clear", Strength.CLEAR,
            "strong", Strength.STRONG);
    private static final Map<String, Gait> GAITS = Map.of(
            "halt",
            Gait.HALT,
            "walk",
            Gait.WALK,
            "trot",
            Gait.TROT,
            "canter",
            Gait.CANTER,
            "rein-back",
            Gait.REIN_BACK,
            "reinback",
            Gait.REIN_BACK);
    private static final Map<String, Place> PLACES = Map.of(
            "rail",
            Place.RAIL,
            "track",
            Place.RAIL,
            "circle",
            Place.CIRCLE,
            "across",
            Place.ACROSS,
            "diagonal",
            Place.ACROSS);
    private static final Map<String, Mounted> MOUNTED =
            Map.of("rider", Mounted.RIDER, "coach", Mounted.COACH, "other", Mounted.OTHER);
    private static final Map<String, Release> RELEASES =
            Map.of("prompt", Release.PROMPT, "late", Release.LATE, "missed", Release.MISSED);

    private static final Pattern METRES = Pattern.compile("\\d{1,2}");

    private SheetWords() {}

    static Optional<Rein> rein(String cell) {
        return first(REINS, cell);
    }

    static Optional<Response> response(String cell) {
        return first(RESPONSES, cell);
    }

    static Optional<Strength> strength(String cell) {
        return first(STRENGTHS, cell);
    }

    static Optional<Gait> gait(String cell) {
        return first(GAITS, cell);
    }

    static Optional<Mounted> mounted(String cell) {
        return first(MOUNTED, cell);
    }

    static Optional<Release> release(String cell) {
        return first(RELEASES, cell);
    }

    /** Any of its words: {@code circle 12} and {@code 12 m circle} are the same. */
    static Optional<Place> place(String cell) {
        for (String word : words(cell)) {
            if (PLACES.containsKey(word)) {
                return Optional.of(PLACES.get(word));
            }
        }
        return Optional.empty();
    }

    /** The number in a cell. */
    static OptionalInt metres(String cell) {
        Matcher m = METRES.matcher(cell);
        return m.find() ? OptionalInt.of(Integer.parseInt(m.group())) : OptionalInt.empty();
    }

    /** By the whole cell, where two words are one answer; else by its first word. */
    private static <T> Optional<T> first(Map<String, T> words, String cell) {
        String[] of = words(cell);
        return Optional.ofNullable(words.get(String.join(" ", of))).or(() -> Optional.ofNullable(words.get(of[0])));
    }

    private static String[] words(String cell) {
        return cell.strip().toLowerCase(Locale.ROOT).split("[\\s,;:()]+");
    }
}
