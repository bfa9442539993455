package strophos.server.tack;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import strophos.core.tack.ChainContact;
import strophos.core.tack.Curb;
import strophos.server.contract.CanBeNull;

/**
 * A curb as a lever.
 *
 * @param ratio below / above
 * @param isUsualSize nobody measured this one
 * @param pulls what the rein becomes, by rein and angle
 * @param chain when its chain begins to act; null when its slack was not measured
 */
record LeverView(
        double aboveCm,
        double belowCm,
        double ratio,
        boolean isUsualSize,
        List<Pull> pulls,
        @CanBeNull Chain chain) {

    /** Reins that are shown, both hands together, in kilograms-force. */
    private static final double[] REINS_KG = {1, 2, 4, 6};

    /** Angles of shank to rein that are shown, in degrees. */
    private static final double[] ANGLES_DEG = {0, 30, 45, 60, 90};

    /** In kilograms-force and degrees. */
    record Pull(double reinKg, double angleDeg, double chinKg, double mouthKg) {}

    /** @param turnDeg of the shank; null where the chain never acts */
    record Chain(ChainContact.Timing timing, @CanBeNull Double turnDeg) {

        static Chain of(ChainContact contact) {
            return new Chain(contact.timing(), contact instanceof ChainContact.AtTurn at ? at.turnDeg() : null);
        }
    }

    static LeverView of(Curb curb, boolean isUsualSize, Optional<Double> slackM) {
        List<Pull> pulls = DoubleStream.of(REINS_KG)
                .boxed()
                .flatMap(rein -> DoubleStream.of(ANGLES_DEG).mapToObj(angle -> {
                    Curb.Pull pull = curb.pull(rein, angle);
                    return new Pull(rein, angle, pull.chinKgf(), pull.mouthKgf());
                }))
                .toList();
        return new LeverView(
                100 * curb.aboveM(),
                100 * curb.belowM(),
                curb.ratio(),
                isUsualSize,
                pulls,
                slackM.map(s -> Chain.of(curb.contact(s))).orElse(null));
    }
}
