package strophos.server.horse;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import strophos.core.load.Workload;

/**
 * A lesson or a practice, as far as it is work for the horse.
 *
 * @param effort 0 to 10; empty where nobody said
 * @param rung that was asked most; empty where none was
 */
public record WorkDone(Instant at, double minutes, OptionalInt effort, Optional<String> rung, boolean isPractice) {

    /** @param kindOf what a rung is about; empty for one that is no longer known */
    public Workload.Session session(ZoneId zone, Function<String, Optional<String>> kindOf) {
        return new Workload.Session(LocalDate.ofInstant(at, zone), minutes, effort, rung.flatMap(kindOf), isPractice);
    }
}
