package strophos.server.contact;

import java.util.List;
import strophos.core.cause.SideBySide;
import strophos.core.contact.ReinsBeforeAsk;

/**
 * How the reins were before the asks, beside what the horse answered; never a cause.
 *
 * @param lessons so many were measured, this one among them; {@code asks} so many of their asks
 * @param worthChecking the strongest first
 * @param compared all others that were tested with them
 * @param notCompared what held too seldom to test, and why
 */
record AnswersView(
        int lessons,
        int asks,
        List<StateView> worthChecking,
        List<StateView> compared,
        List<TooSeldomView> notCompared) {

    /**
     * YES where it held, and where it did not, in the lessons, exercises and reins in which it did.
     *
     * @param low of the 95 % interval of with less without, as shares
     * @param adjusted p, exact, for all that were compared
     */
    record StateView(
            ReinsBeforeAsk state,
            int yesWith,
            int with,
            int yesWithout,
            int without,
            double low,
            double high,
            double adjusted) {

        static StateView of(SideBySide.Comparison c) {
            return new StateView(
                    ReinsBeforeAsk.valueOf(c.factor()),
                    c.with().successes(),
                    c.with().total(),
                    c.without().successes(),
                    c.without().total(),
                    c.difference().interval().low(),
                    c.difference().interval().high(),
                    c.adjusted());
        }
    }

    record TooSeldomView(ReinsBeforeAsk state, SideBySide.TooFew why) {}
}
