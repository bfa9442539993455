package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.change.Change;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.server.contract.CanBeNull;

/** Two lessons of a pair beside each other, the earlier first. */
record ComparedView(LessonSum earlier, LessonSum later, List<RungBeside> rungs) {

    /** @param softAfterS from the beginning to the first run of soft answers; null where none came */
    record LessonSum(
            UUID lesson,
            Instant at,
            long leftMs,
            long rightMs,
            @CanBeNull Long softAfterS) {}

    /** @param gain later less earlier; null where too few were asked in either */
    record RungBeside(
            String rung,
            String name,
            Gait gait,
            Place place,
            WorkedSide works,
            Side side,
            YesOf earlier,
            YesOf later,
            @CanBeNull HandBackView.GainView gain,
            Change change) {}
}
