package strophos.core.clip;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import strophos.core.exchange.Moment;

/**
 * One clip's time.
 *
 * @param bases of it and of its copies
 */
record OneClip(Set<String> bases) {

    OneClip {
        bases = Set.copyOf(bases);
    }

    boolean has(Moment moment) {
        return bases.contains(moment.base());
    }

    /** Milliseconds of it; empty for a moment of another clip. */
    OptionalInt ms(Optional<Moment> moment) {
        return moment.filter(this::has).map(m -> OptionalInt.of(m.ms())).orElse(OptionalInt.empty());
    }
}
