package strophos.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import strophos.core.plain.Plain;

/**
 * The fields of one object, read one by one. A field that is not as it must be makes the whole not understood: then {@link #fit} is
 * false, and what was read is not to be used. A field that may be left out may be null, too; fields nobody asks for are passed
 * over.
 */
final class Fields {

    private final Map<?, ?> object;
    private boolean fits = true;

    Fields(Map<?, ?> object) {
        this.object = object;
    }

    /** Whether all that was read so far is as it must be. */
    boolean fit() {
        return fits;
    }

    /** What the fields must be to each other. */
    void mustHold(boolean is) {
        fits &= is;
    }

    private <T> T none() {
        fits = false;
        return null;
    }

    private boolean isLeftOut(String name) {
        return object.get(name) == null;
    }

    private <T> Optional<T> maybe(String name, Function<String, T> read) {
        return isLeftOut(name) ? Optional.empty() : Optional.ofNullable(read.apply(name));
    }

    /** A text of this form from end to end. */
    String text(String name, Pattern form) {
        return object.get(name) instanceof String s && form.matcher(s).matches() ? s : none();
    }

    Optional<String> maybeText(String name, Pattern form) {
        return maybe(name, n -> text(n, form));
    }

    /** A text in which this is found, of so many characters at most. */
    String textWith(String name, Pattern found, int most) {
        return object.get(name) instanceof String s
                        && s.codePointCount(0, s.length()) <= most
                        && found.matcher(s).find()
                ? s
                : none();
    }

    Optional<String> maybeTextWith(String name, Pattern found, int most) {
        return maybe(name, n -> textWith(n, found, most));
    }

    int whole(String name, int least, int most) {
        return (int) longWhole(name, least, most);
    }

    OptionalInt maybeWhole(String name, int least, int most) {
        return isLeftOut(name) ? OptionalInt.empty() : OptionalInt.of(whole(name, least, most));
    }

    long longWhole(String name, long least, long most) {
        if (Plain.isWhole(object.get(name)) && object.get(name) instanceof Number n) {
            long whole = n.longValue();
            if (whole >= least && whole <= most) {
                return whole;
            }
        }
        fits = false;
        return least;
    }

    OptionalLong maybeLongWhole(String name, long least, long most) {
        return isLeftOut(name) ? OptionalLong.empty() : OptionalLong.of(longWhole(name, least, most));
    }

    /** One of these whole numbers. */
    int oneOf(String name, int... these) {
        int whole = whole(name, Integer.MIN_VALUE, Integer.MAX_VALUE);
        for (int each : these) {
            if (each == whole) {
                return whole;
            }
        }
        fits = false;
        return these[0];
    }

    OptionalInt maybeOneOf(String name, int... these) {
        return isLeftOut(name) ? OptionalInt.empty() : OptionalInt.of(oneOf(name, these));
    }

    boolean flag(String name) {
        return object.get(name) instanceof Boolean is ? is : Boolean.TRUE.equals(none());
    }

    Optional<Boolean> maybeFlag(String name) {
        return maybe(name, this::flag);
    }

    /** One that is told beside another field only, and is false where it was left out. */
    Optional<Boolean> flagBeside(String name, boolean isOtherThere) {
        Optional<Boolean> is = maybeFlag(name);
        return isOtherThere ? Optional.of(is.orElse(false)) : Optional.empty();
    }

    /** One of these words. */
    <T> T word(String name, Map<String, T> words) {
        T word = object.get(name) instanceof String s ? words.get(s) : null;
        return word == null ? none() : word;
    }

    /** One of the first two of these words. */
    <T> T word(String name, Map<String, T> words, T one, T other) {
        T word = word(name, words);
        return word == null || word == one || word == other ? word : none();
    }

    <T> Optional<T> maybeWord(String name, Map<String, T> words) {
        return maybe(name, n -> word(n, words));
    }

    <T> Optional<T> maybeWord(String name, Map<String, T> words, T one, T other) {
        return maybe(name, n -> word(n, words, one, other));
    }

    /** A word that stands as a number. */
    <T> T numbered(String name, Map<Integer, T> words) {
        T word = words.get(whole(name, 1, words.size()));
        return word == null ? none() : word;
    }

    <T> Optional<T> maybeNumbered(String name, Map<Integer, T> words) {
        return maybe(name, n -> numbered(n, words));
    }

    /** A word of an open vocabulary. */
    <T> T open(String name, Predicate<String> isWord, Function<String, T> of) {
        return object.get(name) instanceof String s && isWord.test(s) ? of.apply(s) : none();
    }

    /** An object, read by its own reader. */
    <T> T part(String name, Function<Fields, T> reader) {
        return read(object.get(name), reader);
    }

    <T> Optional<T> maybePart(String name, Function<Fields, T> reader) {
        return maybe(name, n -> part(n, reader));
    }

    private <T> T read(Object value, Function<Fields, T> reader) {
        T read = value instanceof Map<?, ?> map ? reader.apply(new Fields(map)) : null;
        return read == null ? none() : read;
    }

    /** So many objects. */
    <T> List<T> many(String name, int least, int most, Function<Fields, T> reader) {
        if (!(object.get(name) instanceof List<?> list) || list.size() < least || list.size() > most) {
            fits = false;
            return List.of();
        }
        List<T> all = new ArrayList<>();
        list.forEach(each -> all.add(read(each, reader)));
        return all;
    }

    /** So many objects; none where the list is left out. */
    <T> List<T> maybeMany(String name, int least, int most, Function<Fields, T> reader) {
        return isLeftOut(name) ? List.of() : many(name, least, most, reader);
    }

    /** Any object, as it is. */
    @SuppressWarnings("unchecked")
    Map<String, Object> object(String name) {
        return object.get(name) instanceof Map<?, ?> map ? (Map<String, Object>) map : none();
    }
}
