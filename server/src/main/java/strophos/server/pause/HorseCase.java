package strophos.server.pause;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import strophos.core.pause.Occurrence;

/** What was seen of a horse and answered, each in the order in which it came to be known. */
public record HorseCase(List<SignSighting> signs, List<PauseAnswer> answers) {

    public HorseCase {
        signs = List.copyOf(signs);
        answers = List.copyOf(answers);
    }

    List<Occurrence> occurrences(ZoneId zone) {
        List<Occurrence> all = new ArrayList<>();
        signs.forEach(s -> all.add(s.occurrence(zone)));
        answers.forEach(a -> all.add(a.occurrence(zone)));
        return all;
    }
}
