package strophos.server.cue;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import strophos.core.cue.CueBook;

/** The cue books of pairs. */
@Component
public class CueBooks {

    private final CueRepository cues;

    CueBooks(CueRepository cues) {
        this.cues = cues;
    }

    /** One signal that means two things. */
    record Clash(String signal, String first, String second) {}

    /** A pair's cues, those no longer used last. */
    record Book(List<StoredCue> cues, List<Clash> clashes) {}

    /** A cue book in a line: cues in use, and signals of them that mean two things. */
    public record InShort(int cues, int clashes) {}

    Book of(UUID pair) {
        List<StoredCue> all = cues.of(pair);
        return new Book(
                all,
                inUse(all).clashes().stream()
                        .map(c -> new Clash(
                                c.first().signal(),
                                c.first().meaning(),
                                c.second().meaning()))
                        .toList());
    }

    public InShort inShort(UUID pair) {
        CueBook book = inUse(cues.of(pair));
        return new InShort(book.cues().size(), book.clashes().size());
    }

    private static CueBook inUse(List<StoredCue> all) {
        return new CueBook(all.stream()
                .map(StoredCue::cue)
                .filter(c -> !c.isPutAway())
                .map(CueForm::cue)
                .toList());
    }
}
