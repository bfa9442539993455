package strophos.core.record;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import strophos.core.exchange.Moment;

/**
 * Where the second time bases of a lesson lie on its clock. What has a moment on one that is linked happened there, whenever it was
 * written; on one that is not linked it stands when it was written.
 */
final class TimeBases {

    private final Map<String, Long> startMs = new HashMap<>();

    /**
     * Hears a base that stands, in the log's order. A copy lies where its clip lies, unless it says otherwise. A link is believed as the
     * time of an entry is: from {@link Times#BELIEVED_FROM_MS}, and to {@link Times#AHEAD_MS} after the base arrived.
     *
     * @param arrivedMs when; empty while it has not
     */
    void hear(String id, Payload.TimeBase base, OptionalLong arrivedMs) {
        OptionalLong said = base.startMs();
        boolean isBelieved = said.isPresent()
                && said.getAsLong() >= Times.BELIEVED_FROM_MS
                && (arrivedMs.isEmpty() || said.getAsLong() <= arrivedMs.getAsLong() + Times.AHEAD_MS);
        if (isBelieved) {
            startMs.put(id, said.getAsLong());
        } else {
            base.copyOf().map(startMs::get).ifPresent(start -> startMs.put(id, start));
        }
    }

    /** When that moment was, in milliseconds since 1970 UTC; empty where its base is not linked. */
    OptionalLong of(Optional<Moment> when) {
        return when.filter(m -> startMs.containsKey(m.base()))
                .map(m -> OptionalLong.of(startMs.get(m.base()) + m.ms()))
                .orElse(OptionalLong.empty());
    }
}
