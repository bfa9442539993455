package strophos.core.cue;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.exchange.Gait;

/**
 * A signal and its meaning.
 *
 * @param signal what the rider does; not blank
 * @param meaning what the horse is to do; not blank
 * @param gait in which it is given; empty when it holds in any
 */
public record Cue(String signal, String meaning, Optional<Gait> gait) {

    /** Whether the horse is asked something else by the same signal, in a gait in which both are given. */
    boolean clashesWith(Cue other) {
        boolean isHeardInBoth = gait.isEmpty() || other.gait().isEmpty() || gait.equals(other.gait());
        return isHeardInBoth
                && plain(signal).equals(plain(other.signal()))
                && !plain(meaning).equals(plain(other.meaning()));
    }

    /** Letters and figures alone, in small: "Both legs, once" is typed "both legs once" the next time. */
    private static String plain(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(" "));
    }
}
