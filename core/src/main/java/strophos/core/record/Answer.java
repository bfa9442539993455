package strophos.core.record;

import java.util.List;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.progress.Ask;

/** What one entry says of its rung: one ask, or a turn's asks counted afterwards. */
public sealed interface Answer {

    /** Its entry. */
    String id();

    long atMs();

    String segment();

    Strength strength();

    /** How many asks it stands for. */
    int asks();

    /** As the rules see it. */
    List<Ask> read(Side side, Mounted mounted);

    /** One ask, touched in when it was answered. */
    record Touch(String id, long atMs, String segment, Strength strength, Response response) implements Answer {

        @Override
        public int asks() {
            return 1;
        }

        @Override
        public List<Ask> read(Side side, Mounted mounted) {
            return List.of(new Ask(id, atMs, side, mounted, strength, response));
        }
    }

    /** So many good and so many not, about as strong as this. */
    record Count(String id, long atMs, String segment, Strength strength, int good, int others) implements Answer {

        /** What is left when so many good ones and others of the same turn are counted already; never less than none. */
        Count without(int goodOnes, int otherOnes) {
            return new Count(
                    id, atMs, segment, strength, Math.max(0, good - goodOnes), Math.max(0, others - otherOnes));
        }

        @Override
        public int asks() {
            return good + others;
        }

        @Override
        public List<Ask> read(Side side, Mounted mounted) {
            return Ask.tallied(id, atMs, side, mounted, strength, good, others);
        }
    }
}
