package strophos.core.plait;

import java.util.Comparator;
import strophos.core.exchange.Side;

/**
 * A kind of event.
 *
 * @param name which of its sort: the strength of an ask, the answer, the fault, the sign; empty where there is only one
 * @param side of the body or of the rein
 */
public record EventKind(Sort sort, String name, Side side) {

    /** By their strands from the top. */
    public static final Comparator<EventKind> FROM_THE_TOP = Comparator.comparing(EventKind::strand)
            .thenComparing(EventKind::sort)
            .thenComparing(EventKind::name)
            .thenComparing(EventKind::side);

    /** What sort of event it is, and in which strand it lies. */
    public enum Sort {
        ASK(Strand.RIDER),
        SLIP(Strand.RIDER),
        RELEASE(Strand.RIDER),
        FAULT(Strand.RIDER),
        POSITION(Strand.RIDER),
        CONTACT(Strand.CONTACT),
        ANSWER(Strand.HORSE),
        CHOICE(Strand.HORSE),
        POLES(Strand.HORSE),
        LINE(Strand.HORSE),
        SIGN(Strand.HORSE),
        STOP_SIGN(Strand.HORSE),
        HEAD(Strand.HORSE),
        HELD(Strand.HORSE),
        TALLY(Strand.HORSE),
        CORRECTION(Strand.COACH),
        PRAISE(Strand.COACH),
        REWARD(Strand.COACH),
        NOTE(Strand.COACH),
        VOICE(Strand.COACH),
        HELP(Strand.COACH),
        PROBE(Strand.COACH);

        private final Strand strand;

        Sort(Strand strand) {
            this.strand = strand;
        }

        public Strand strand() {
            return strand;
        }

        /** Whether it has a moment of its own; a tally stands for its whole turn, without order. */
        public boolean hasMoment() {
            return this != TALLY;
        }
    }

    public Strand strand() {
        return sort.strand();
    }
}
