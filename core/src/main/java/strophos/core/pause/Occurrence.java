package strophos.core.pause;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/** What happened to a horse that bears on whether it is ridden; in the order in which it became known. */
public sealed interface Occurrence {

    /** When it came to be known here, milliseconds since 1970 UTC. */
    long knownAtMs();

    /**
     * A stop sign was seen.
     *
     * @param id of the entry or report that says so
     * @param atMs when it was seen, milliseconds since 1970 UTC
     * @param day it was seen on, of the yard
     * @param occasion the lesson or practice it was seen in: two signs of one occasion are one
     * @param lesson how many lessons of this horse had begun by then, this one included; at least 0
     */
    record Sighting(String id, StopSign sign, long atMs, LocalDate day, String occasion, int lesson, long knownAtMs)
            implements Occurrence {
        public Sighting {
            Objects.requireNonNull(sign, "sign");
            Objects.requireNonNull(day, "day");
            Objects.requireNonNull(occasion, "occasion");
        }
    }

    /** Somebody who may answered. */
    record Answer(String id, Reply reply, LocalDate day, long knownAtMs) implements Occurrence {
        public Answer {
            Objects.requireNonNull(reply, "reply");
            Objects.requireNonNull(day, "day");
        }
    }

    /** An answer. */
    sealed interface Reply {

        /** @param mayHandWalk the vet agreed to hand-walking */
        record KeepResting(boolean mayHandWalk) implements Reply {}

        /** A vet, dentist, fitter or physiotherapist was called; it goes on resting. */
        record Call(boolean mayHandWalk) implements Reply {}

        /**
         * Somebody who may has looked and it may be ridden, within these limits if there are any.
         *
         * @param rest the rest that this ends, or that an earlier clearance ended; empty when there was none
         */
        record Clearance(Optional<Limits> limits, Optional<HorseState.TimeOff> rest) implements Reply {}
    }
}
