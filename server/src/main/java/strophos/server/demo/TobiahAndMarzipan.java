package strophos.server.demo;

import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import strophos.core.exchange.Side;
import strophos.core.homework.Feel;
import strophos.core.look.BendPlace;
import strophos.core.look.Soundness;
import strophos.core.pause.StopSign;
import strophos.core.plain.PlainMap;
import strophos.server.horse.Facts;

/**
 * A dull, heavy mare. Planted truth: the mean strength of the forward asks falls from 3.1 to 1.8 in the first half (six
 * weeks) and stays there; rider and tack are 19.4 % of what she weighs and 20.7 % of
 * what she should weigh: another rider is advised, and overruled with a reason.
 */
final class TobiahAndMarzipan implements Story {

    static final double STRENGTH_FIRST = 3.1;
    static final double STRENGTH_LAST = 1.8;

    @Override
    public String horse() {
        return "Marzipan";
    }

    @Override
    public LocalTime hour() {
        return LocalTime.of(9, 30);
    }

    @Override
    public Facts facts(int year) {
        return new Facts(
                144,
                year - 14,
                null,
                null,
                null,
                null,
                Story.kg("480"),
                null,
                null,
                Story.kg("450"),
                Story.kg("84"),
                Story.kg("9.1"));
    }

    @Override
    public Optional<String> weightReason() {
        return Optional.of("Twenty minutes, mostly walk, until Tobiah has a lighter saddle; no canter.");
    }

    @Override
    public Map<String, Object> look(int lesson, double t, SplittableRandom random) {
        return new PlainMap()
                .put("soundness", Soundness.SOUND.word())
                .put("calm", 4)
                .put("rider", 2 + random.nextInt(2))
                .put("halt", 3)
                .put("leg", t < 0.25 ? 1 : t < 0.6 ? 2 : 3)
                .put("bendLeft", 3)
                .put("bendRight", 3)
                .put("placeLeft", BendPlace.EVEN.word())
                .put("placeRight", BendPlace.EVEN.word())
                .put("circleLeft", 12)
                .put("circleRight", 12)
                .put("shoulder", 0)
                .put("shoulderBoth", false)
                .map();
    }

    @Override
    public double yes(String strand, Side side, double t) {
        return strand.equals("forward") ? 0.55 + 0.3 * Math.min(1, 2 * t) : strand.equals("stop-back") ? 0.96 : 0.78;
    }

    @Override
    public double strength(String strand, double t) {
        return strand.equals("forward") ? STRENGTH_FIRST + (STRENGTH_LAST - STRENGTH_FIRST) * Math.min(1, 2 * t) : 1.9;
    }

    @Override
    public Habit habit(String strand, Side side) {
        return strand.equals("forward") ? new Habit("leg-stays-on", 0.1, 0.45) : Habit.NONE;
    }

    @Override
    public int effort(double t) {
        return t < 0.5 ? 6 : 5;
    }

    @Override
    public Map<Integer, String> notes() {
        return Map.of(
                0, "He works harder than she does. Legs off between the asks.",
                4, "One light leg, wait, then two taps: she looked surprised and went.",
                9, "Tobiah forgets the pat. She does not forget the tap.",
                15, "Off at the calf, both reins. Long rests.",
                20, "New girth today; look at it again next time.");
    }

    @Override
    public double practises() {
        return 0.55;
    }

    @Override
    public LastReport last() {
        return new LastReport(
                Feel.GETTING_THERE,
                Optional.of(StopSign.SORE_SPOT),
                Optional.of(
                        "There is a sore spot under the new girth, the size of a coin. She flinched when I brushed it."));
    }
}
