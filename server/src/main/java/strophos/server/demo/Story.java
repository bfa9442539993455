package strophos.server.demo;

import java.math.BigDecimal;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import strophos.core.exchange.Side;
import strophos.core.pause.StopSign;
import strophos.server.horse.Facts;

/** What is true of a pair in the demo, so that the screens can find it. {@code t} runs from 0 (first lesson) to 1. */
interface Story {

    String horse();

    LocalTime hour();

    /** What is known of the horse in this year. */
    Facts facts(int year);

    /** Why this rider rides this horse although another is advised; empty where none is. */
    default Optional<String> weightReason() {
        return Optional.empty();
    }

    /** The checks of the first look at time t. */
    Map<String, Object> look(int lesson, double t, SplittableRandom random);

    /** Chance of a YES, where this side of the horse is worked. */
    double yes(String strand, Side side, double t);

    /** Mean strength of the asks. */
    double strength(String strand, double t);

    /** Lessons in which the coach rides for a while. */
    default boolean coachRides(int lesson) {
        return false;
    }

    /** What the rider does beside an ask that works this side: more often when the answer is no YES. */
    Habit habit(String strand, Side side);

    /** A habit and how often it is marked at a YES and at another answer, in [0, 1]. */
    record Habit(String name, double atYes, double atOthers) {
        static final Habit NONE = new Habit("", 0, 0);
    }

    /** How hard it is for the horse at time t, 0 to 10. */
    int effort(double t);

    Map<Integer, String> notes();

    /** Chance of practising on a day, in [0, 1]. */
    double practises();

    /** The last report before today. */
    LastReport last();

    /** How it went, what stopped it, what was asked. */
    record LastReport(strophos.core.homework.Feel feel, Optional<StopSign> stop, Optional<String> question) {}

    static BigDecimal kg(String value) {
        return new BigDecimal(value);
    }
}
