package strophos.core.cue;

import java.util.ArrayList;
import java.util.List;

/**
 * The cues of a pair.
 *
 * @param cues in the order of the book
 */
public record CueBook(List<Cue> cues) {

    /** Two cues that ask different things by the same signal; the first stands earlier in the book. */
    public record Clash(Cue first, Cue second) {}

    public CueBook {
        cues = List.copyOf(cues);
    }

    /** One signal, one meaning (common practice, no source): where it has two. */
    public List<Clash> clashes() {
        List<Clash> found = new ArrayList<>();
        for (int i = 0; i < cues.size(); i++) {
            for (int j = i + 1; j < cues.size(); j++) {
                if (cues.get(i).clashesWith(cues.get(j))) {
                    found.add(new Clash(cues.get(i), cues.get(j)));
                }
            }
        }
        return found;
    }
}
