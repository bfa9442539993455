package strophos.server.ride;

import java.util.List;
import strophos.catalogue.Exercise;
import strophos.core.exchange.Aid;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.school.Teaching;
import strophos.server.contract.CanBeNull;

/**
 * How an exercise is usually asked and touched in, as the lesson is taught.
 *
 * @param pad as a web of before knows it, which may still be open on a device; {@code padKind} is what holds
 * @param circleM the diameter of its circle in metres, where it has one of its own
 * @param left its aids on the left rein
 * @param none its aids where there is no rein; empty where there always is one
 */
record Usual(
        String exercise,
        OlderPad pad,
        PadKind padKind,
        @CanBeNull Integer circleM,
        List<UsualAidView> left,
        List<UsualAidView> right,
        List<UsualAidView> none) {

    /** One aid, as an entry holds it. */
    record UsualAidView(
            Means means,
            Side side,
            @CanBeNull Manner manner,
            @CanBeNull Foot foot) {
        static UsualAidView of(Aid aid) {
            return new UsualAidView(
                    aid.means(),
                    aid.side(),
                    aid.manner().orElse(null),
                    aid.foot().orElse(null));
        }
    }

    /** The pads there were before poles and the rider's position had their own. */
    enum OlderPad {
        STRENGTH,
        CHOICE,
        LINE;

        static OlderPad of(PadKind pad) {
            return switch (pad) {
                case STRENGTH, POSITION -> STRENGTH;
                case CHOICE -> CHOICE;
                case POLES, LINE -> LINE;
            };
        }
    }

    static Usual of(Exercise exercise, Teaching teaching, boolean isWithoutRein) {
        PadKind pad = teaching.pad(exercise.padKind());
        return new Usual(
                exercise.id(),
                OlderPad.of(pad),
                pad,
                exercise.circleM().isPresent() ? exercise.circleM().getAsInt() : null,
                on(exercise, Rein.LEFT),
                on(exercise, Rein.RIGHT),
                isWithoutRein ? on(exercise, Rein.NONE) : List.of());
    }

    private static List<UsualAidView> on(Exercise exercise, Rein rein) {
        return exercise.usualAids().stream()
                .map(a -> UsualAidView.of(a.on(rein)))
                .toList();
    }
}
