package strophos.core.sheet;

import java.time.LocalTime;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/**
 * One line that was read.
 *
 * @param line of the table, from 1, the heading being line 1
 * @param time of the lesson's day; empty when the table has none
 * @param circleM diameter in metres, where a circle was named with one
 */
public record SheetAsk(
        int line,
        Optional<LocalTime> time,
        Setting ridden,
        Strength strength,
        Response response,
        Optional<Strength> first,
        Optional<Release> release,
        Optional<String> note) {

    /** What was ridden: asks in a row that agree in it are one segment. */
    public record Setting(String exercise, Gait gait, Place place, OptionalInt circleM, Rein rein, Mounted mounted) {}
}
