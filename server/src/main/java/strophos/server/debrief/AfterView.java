package strophos.server.debrief;

import java.util.List;
import java.util.OptionalInt;
import strophos.core.exchange.Better;
import strophos.core.exchange.Side;
import strophos.core.exchange.VoiceShown;
import strophos.core.record.AfterRiding;
import strophos.core.record.Payload;
import strophos.server.contract.CanBeNull;

/**
 * What was said once the lesson was ridden.
 *
 * @param felt by the rider; null where nothing was written
 * @param isToBeAsked the rider has not been asked yet, and the numbers are still new to both
 * @param nextTime what to think of when the next lesson is planned
 * @param forRider what the rider is shown; null where nothing is
 */
record AfterView(
        @CanBeNull FeltView felt,
        boolean isToBeAsked,
        @CanBeNull String nextTime,
        @CanBeNull ForRiderView forRider) {

    /**
     * What is null was not said.
     *
     * @param better the side that felt better; NONE: both alike
     * @param leftKg what the left rein felt like, mostly; {@code rightKg} the right one
     */
    record FeltView(
            @CanBeNull String text,
            @CanBeNull Side better,
            @CanBeNull Integer leftKg,
            @CanBeNull Integer rightKg) {

        static FeltView of(Payload.RiderFelt said) {
            return new FeltView(
                    said.text().orElse(null),
                    said.better().orElse(null),
                    orNull(said.leftKg()),
                    orNull(said.rightKg()));
        }

        @CanBeNull
        private static Integer orNull(OptionalInt of) {
            return of.isPresent() ? of.getAsInt() : null;
        }
    }

    record RungShownView(String rung, Better better) {}

    /**
     * The chosen parts.
     *
     * @param better rungs that got better
     * @param voices spoken notes, by digest
     * @param clips what was said on the clips is shown
     */
    record ForRiderView(
            List<RungShownView> better, @CanBeNull String think, boolean homework, List<String> voices, boolean clips) {

        static ForRiderView of(Payload.ForRider said) {
            return new ForRiderView(
                    said.better().stream()
                            .map(r -> new RungShownView(r.rung(), r.better()))
                            .toList(),
                    said.think().orElse(null),
                    said.homework(),
                    said.voices().stream().map(VoiceShown::sha256).toList(),
                    said.clips().orElse(false));
        }
    }

    static AfterView of(AfterRiding said, boolean isToBeAsked) {
        return new AfterView(
                said.felt().map(FeltView::of).orElse(null),
                isToBeAsked,
                said.nextTime().map(Payload.NextTime::text).orElse(null),
                said.forRider().map(ForRiderView::of).orElse(null));
    }
}
