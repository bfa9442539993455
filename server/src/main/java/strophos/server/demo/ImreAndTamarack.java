package strophos.server.demo;

import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import strophos.core.exchange.Side;
import strophos.core.homework.Feel;
import strophos.core.look.BendPlace;
import strophos.core.look.Soundness;
import strophos.core.plain.PlainMap;
import strophos.server.horse.Facts;

/**
 * Bend work, walk to trot. Planted truth: in bending, about 80 % YES to the left throughout; to the right 55 % at
 * first, closing to 80 % at the last lesson.
 */
final class ImreAndTamarack implements Story {

    static final double LEFT_YES = 0.8;
    static final double RIGHT_YES_FIRST = 0.55;
    static final double RIGHT_YES_LAST = 0.8;

    private static final int TIGHT_DAY = 5;
    private static final int WINDY_DAY = 7;
    private static final int COACH_RIDES = 9;

    @Override
    public String horse() {
        return "Tamarack";
    }

    @Override
    public LocalTime hour() {
        return LocalTime.of(17, 15);
    }

    @Override
    public Facts facts(int year) {
        return new Facts(148, year - 11, null, null, null, null, null, 178, 152, null, null, null);
    }

    @Override
    public Map<String, Object> look(int lesson, double t, SplittableRandom random) {
        int right = t < 0.35 ? 1 : t < 0.8 ? 2 : 3;
        return new PlainMap()
                .put("soundness", Soundness.SOUND.word())
                .put("calm", lesson == WINDY_DAY ? 1 : 3 + random.nextInt(2))
                .put("rider", lesson == TIGHT_DAY ? 1 : 2 + random.nextInt(2))
                .put("halt", 3)
                .put("leg", 3 + random.nextInt(2))
                .put("bendLeft", 3)
                .put("bendRight", right)
                .put("placeLeft", BendPlace.EVEN.word())
                .put("placeRight", (t < 0.5 ? BendPlace.BASE_ONLY : BendPlace.EVEN).word())
                .put("circleLeft", 10)
                .put("circleRight", t < 0.4 ? 20 : t < 0.75 ? 15 : 12)
                .put("shoulder", random.nextInt(4) == 0 ? 1 : 0)
                .put("shoulderBoth", false)
                .map();
    }

    @Override
    public double yes(String strand, Side side, double t) {
        if (!strand.equals("bend")) {
            return strand.equals("stop-back") ? 0.96 : side == Side.RIGHT ? 0.78 : 0.82;
        }
        return side == Side.RIGHT ? RIGHT_YES_FIRST + t * (RIGHT_YES_LAST - RIGHT_YES_FIRST) : LEFT_YES;
    }

    @Override
    public double strength(String strand, double t) {
        return 1.75;
    }

    @Override
    public boolean coachRides(int lesson) {
        return lesson == COACH_RIDES;
    }

    /** What the notes say: he holds too long on the right. */
    @Override
    public Habit habit(String strand, Side side) {
        return strand.equals("bend") && side == Side.RIGHT ? new Habit("held-too-long", 0.12, 0.5) : Habit.NONE;
    }

    @Override
    public int effort(double t) {
        return 4;
    }

    @Override
    public Map<Integer, String> notes() {
        return Map.of(
                0,
                "First lesson after the summer. Right: the neck hinges at the base.",
                3,
                "He waits for the inside rein to let go. Imre holds too long on the right.",
                TIGHT_DAY,
                "Imre came straight from the office; seat first today.",
                WINDY_DAY,
                "Wind from the river; attention comes and goes.",
                COACH_RIDES,
                "I got on for five minutes: softer at once when the outside hand stays.",
                13,
                "Imre breathes. Right circle round for the first time.",
                18,
                "The right is catching up. Fewer asks, longer rests.",
                22,
                "Both sides alike at the start today.");
    }

    @Override
    public double practises() {
        return 0.62;
    }

    @Override
    public LastReport last() {
        return new LastReport(
                Feel.NOT_YET,
                Optional.empty(),
                Optional.of("On the right he hangs on my inside hand as soon as I ask. Shorter, or leave it?"));
    }
}
