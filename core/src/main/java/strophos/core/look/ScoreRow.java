package strophos.core.look;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.Function;

/**
 * A row that goes by one score: it fires at or under the threshold.
 *
 * @param threshold in [0, 4]
 */
public record ScoreRow(String id, FocusKind focus, Check check, int threshold, Function<FirstLook, OptionalInt> score)
        implements FocusRow {

    @Override
    public Answer judge(FirstLook look) {
        OptionalInt seen = score.apply(look);
        if (seen.isEmpty()) {
            return new Answer.NotLooked(check);
        }
        List<Seen> numbers = List.of(new Seen(check.name(), String.valueOf(seen.getAsInt())));
        return seen.getAsInt() <= threshold ? new Answer.Fires(numbers) : new Answer.Clear(numbers);
    }
}
