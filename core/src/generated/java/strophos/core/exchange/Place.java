package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where a segment is ridden; those listed in the order in which places open on a rung. An open vocabulary: a
 * word that is not listed is read as it is written, and comes after those listed.
 */
public record Place(String word) implements Comparable<Place> {

    // before the words, which are checked by it
    private static final java.util.regex.Pattern FORM = java.util.regex.Pattern.compile("[A-Z][A-Z_]{0,31}");

    public static final Place RAIL = new Place("RAIL");
    public static final Place CIRCLE = new Place("CIRCLE");
    public static final Place ACROSS = new Place("ACROSS");
    /** Standing, or stepping round on the spot. */
    public static final Place SPOT = new Place("SPOT");
    public static final Place POLES = new Place("POLES");
    public static final Place FENCES = new Place("FENCES");
    public static final Place TRAIL = new Place("TRAIL");
    public static final Place HILL = new Place("HILL");
    public static final Place STALL = new Place("STALL");
    public static final Place TRAILER = new Place("TRAILER");

    /** Those listed, in order. */
    public static final List<Place> LISTED = List.of(RAIL, CIRCLE, ACROSS, SPOT, POLES, FENCES, TRAIL, HILL, STALL, TRAILER);

    private static final Map<String, Place> WORDS;

    static {
        Map<String, Place> words = new LinkedHashMap<>();
        LISTED.forEach(each -> words.put(each.word, each));
        WORDS = Collections.unmodifiableMap(words);
    }

    public Place {
        if (!isWord(word)) {
            throw new IllegalArgumentException(
                    "The word (%s) must be capitals and underscores, at most 32.".formatted(word));
        }
    }

    /** Whether this may be such a word. */
    public static boolean isWord(String word) {
        return FORM.matcher(word).matches();
    }

    /** The place of this word. @throws IllegalArgumentException for what is no word */
    public static Place of(String word) {
        Place listed = WORDS.get(word);
        return listed == null ? new Place(word) : listed;
    }

    public boolean isListed() {
        return WORDS.containsKey(word);
    }

    @Override
    public int compareTo(Place other) {
        int byPlace = Integer.compare(place(), other.place());
        return byPlace == 0 ? word.compareTo(other.word) : byPlace;
    }

    private int place() {
        int place = LISTED.indexOf(this);
        return place < 0 ? LISTED.size() : place;
    }

    @Override
    public String toString() {
        return word;
    }
}
