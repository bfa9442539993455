package strophos.core.look;

import java.util.Optional;
import java.util.stream.Stream;

/** How sure a finding is, by the stations at which it was seen (common practice, no source). */
public enum Certainty {
    /** Nobody said where it was seen, or it is a finding that has no stations. */
    NOT_SAID,
    /** At one station: the plan gives it one exercise and a test. */
    SUSPECTED,
    /** At two or all three. */
    FOUND;

    /** @param at where it was seen; empty where that was not said */
    static Certainty of(Optional<StationTicks> at) {
        long stations = at.stream()
                .flatMap(s -> Stream.of(s.standing(), s.inHand(), s.mounted()))
                .filter(seen -> seen.orElse(false))
                .count();
        return stations == 0 ? NOT_SAID : stations == 1 ? SUSPECTED : FOUND;
    }
}
