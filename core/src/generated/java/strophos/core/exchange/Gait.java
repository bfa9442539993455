package strophos.core.exchange;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The gait of a segment; those listed in the order in which gaits open on a rung. An open vocabulary: a word
 * that is not listed is read as it is written, and comes after those listed.
 */
public record Gait(String word) implements Comparable<Gait> {

    // before the words, which are checked by it
    private static final java.util.regex.Pattern FORM = java.util.regex.Pattern.compile("[A-Z][A-Z_]{0,31}");

    public static final Gait HALT = new Gait("HALT");
    public static final Gait WALK = new Gait("WALK");
    public static final Gait TROT = new Gait("TROT");
    public static final Gait CANTER = new Gait("CANTER");
    public static final Gait REIN_BACK = new Gait("REIN_BACK");
    /** The own gait of a gaited horse; its name stands with the horse. */
    public static final Gait OWN_GAIT = new Gait("OWN_GAIT");

    /** Those listed, in order. */
    public static final List<Gait> LISTED = List.of(HALT, WALK, TROT, CANTER, REIN_BACK, OWN_GAIT);

    private static final Map<String, Gait> WORDS;

    static {
        Map<String, Gait> words = new LinkedHashMap<>();
        LISTED.forEach(each -> words.put(each.word, each));
        WORDS = Collections.unmodifiableMap(words);
    }

    public Gait {
        if (!isWord(word)) {
            throw new IllegalArgumentException(
                    "The word (%s) must be capitals and underscores, at most 32.".formatted(word));
        }
    }

    /** Whether this may be such a word. */
    public static boolean isWord(String word) {
        return FORM.matcher(word).matches();
    }

    /** The gait of this word. @throws IllegalArgumentException for what is no word */
    public static Gait of(String word) {
        Gait listed = WORDS.get(word);
        return listed == null ? new Gait(word) : listed;
    }

    public boolean isListed() {
        return WORDS.containsKey(word);
    }

    @Override
    public int compareTo(Gait other) {
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
