package strophos.core.look;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

/**
 * A row that goes by one score: it fires at or under the threshold.
 *
 * @param threshold in [0, 4]
 * @param seenAt where it was seen
 */
public record ScoreRow(
        String id,
        FocusKind focus,
        Check check,
        int threshold,
        Function<FirstLook, OptionalInt> score,
        Function<FirstLook, Optional<StationTicks>> seenAt)
        implements FocusRow {

    ScoreRow(String id, FocusKind focus, Check check, int threshold, Function<FirstLook, OptionalInt> score) {
        this(id, focus, check, threshold, score, look -> Optional.empty());
    }

    @Override
    public Outcome judge(FirstLook look) {
        OptionalInt seen = score.apply(look);
        if (seen.isEmpty()) {
            return new Outcome.Unchecked(check);
        }
        List<Mark> numbers = List.of(new Mark(check.name(), String.valueOf(seen.getAsInt())));
        return seen.getAsInt() <= threshold ? new Outcome.Present(numbers) : new Outcome.Clear(numbers);
    }

    @Override
    public Optional<StationTicks> at(FirstLook look) {
        return seenAt.apply(look);
    }
}
