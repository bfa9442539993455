package strophos.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.exchange.Side;
import strophos.core.look.Soundness;
import strophos.core.pause.StopSign;

/**
 * The stop signs of a log: those touched as such, pain in a first look, and signs of the horse's that are stop signs by their
 * name. A stumble on the flat is one from the second in a lesson on (rules 8; common practice, no source); tripping over a pole
 * is a touch and none.
 *
 * <p>Whoever wrote one may take it back, put the look right, or look again, before the lesson ends. What others take back, and what is
 * taken back after the end, was seen all the same: then only an answer ends the pause.
 */
public final class StopSigns {

    /** From the so many-th on, stumbling on the flat is an uneven step. */
    static final int STUMBLES = 2;

    static final String STUMBLE = "stumbles";

    private static final Map<String, StopSign> BY_NAME = Map.of(
            "uneven-step", StopSign.UNLEVEL,
            "bucks", StopSign.BUCKS,
            "rears", StopSign.REARS,
            "bolts", StopSign.BOLTS,
            "kicks", StopSign.KICKS_AT_LEG);

    private StopSigns() {}

    /**
     * One stop sign.
     *
     * @param id the entry it is taken back by
     * @param saidBy the entry that says it: the same, or the amendment that put it there
     * @param atMs when that was written, milliseconds since 1970 UTC, corrected
     * @param author who wrote it
     */
    public record Sighting(String id, String saidBy, long atMs, String author, StopSign sign, Side side) {}

    /** An entry that was heard, as it says or said it. */
    record Report(Entry entry, Entry by, long atMs, Payload payload) {}

    /** Of a log's entries, in order. */
    static List<Sighting> of(List<Report> log) {
        List<Sighting> signs = new ArrayList<>();
        int stumbles = 0;
        for (Report heard : log) {
            boolean isOneTooMany = isStumble(heard.payload()) && ++stumbles == STUMBLES;
            Optional<StopSign> sign = isOneTooMany ? Optional.of(StopSign.UNLEVEL) : sign(heard.payload());
            sign.ifPresent(s -> signs.add(new Sighting(
                    heard.entry().id(),
                    heard.by().id(),
                    heard.atMs(),
                    heard.by().author(),
                    s,
                    side(heard.payload()))));
        }
        return signs;
    }

    /** Whether this says, or helps to say, that the work must end. */
    static boolean isHeard(Payload payload) {
        return isStumble(payload) || sign(payload).isPresent();
    }

    private static boolean isStumble(Payload payload) {
        return payload instanceof Payload.Sign s && s.name().equals(STUMBLE);
    }

    private static Optional<StopSign> sign(Payload payload) {
        return Counts.stop(payload, AS_SIGN).flatMap(sign -> sign);
    }

    private static final Counts.Stop<Optional<StopSign>> AS_SIGN = new Counts.Stop<>() {
        @Override
        public Optional<StopSign> stopSign(Payload.StopSignMark s) {
            return Optional.of(s.sign());
        }

        @Override
        public Optional<StopSign> firstLook(Payload.Look l) {
            return l.seen().soundness().filter(Soundness.PAIN::contains).map(StopSigns::sign);
        }

        @Override
        public Optional<StopSign> sign(Payload.Sign s) {
            return Optional.ofNullable(BY_NAME.get(s.name()));
        }
    };

    private static StopSign sign(Soundness seen) {
        return switch (seen) {
            case UNLEVEL -> StopSign.UNLEVEL;
            case REFUSES_ONE_SIDE -> StopSign.REFUSES_ONE_SIDE;
            case PAIN_SIGNS, SOUND -> StopSign.PAIN_SIGNS;
        };
    }

    private static Side side(Payload payload) {
        if (payload instanceof Payload.StopSignMark s) {
            return s.side();
        }
        return payload instanceof Payload.Sign s ? s.side() : Side.NONE;
    }
}
