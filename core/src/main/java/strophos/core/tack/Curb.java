package strophos.core.tack;

/**
 * A curb bit as a lever about its mouthpiece.
 *
 * @param aboveM from the mouthpiece to the ring of the cheekpiece and chain, in metres; above 0
 * @param belowM from the mouthpiece to the ring of the rein, in metres; above 0
 */
public record Curb(double aboveM, double belowM) {

    /**
     * What the rein becomes.
     *
     * @param chinKgf in the curb groove
     * @param mouthKgf on tongue and bars together
     */
    public record Pull(double chinKgf, double mouthKgf) {}

    public Curb {
        if (!(aboveM > 0) || !(belowM > 0)) {
            throw new IllegalArgumentException(
                    "A shank needs a length above (%s m) and below (%s m) its mouthpiece, both above 0."
                            .formatted(aboveM, belowM));
        }
    }

    /** How many times the rein the chain gets at a right angle: below / above. */
    public double ratio() {
        return belowM / aboveM;
    }

    /**
     * Chin = rein × ratio × sin(angle of shank to rein); tongue and bars together = rein + chin (statics: a lever without
     * friction, the cheekpiece slack).
     *
     * <p>With the shank along the rein the chain gets nothing, and the mouth the rein alone.
     *
     * @param reinKgf both reins together, in kilograms-force; at least 0
     * @param angleDeg of shank to rein, in degrees, in [0, 90]
     * @throws IllegalArgumentException when one of them is out of its range
     */
    public Pull pull(double reinKgf, double angleDeg) {
        if (!(reinKgf >= 0)) {
            throw new IllegalArgumentException("The rein (%s kg) must be at least 0.".formatted(reinKgf));
        }
        if (!(angleDeg >= 0 && angleDeg <= 90)) {
            throw new IllegalArgumentException(
                    "The angle of shank to rein (%s) must lie in [0, 90] degrees.".formatted(angleDeg));
        }
        double chin = reinKgf * ratio() * Math.sin(Math.toRadians(angleDeg));
        return new Pull(chin, reinKgf + chin);
    }

    /**
     * How far the shank turns before the chain lies against the chin: asin(slack / above), the ring of the chain going round
     * the mouthpiece (own geometry, no source).
     *
     * <p>A chain without slack acts at once, at 0 degrees. One that stands off further than the shank is long above the
     * mouthpiece never acts.
     *
     * @param slackM how far the chain stands off the chin while the rein hangs, in metres; at least 0
     * @throws IllegalArgumentException when the slack is below 0
     */
    public ChainContact contact(double slackM) {
        if (!(slackM >= 0)) {
            throw new IllegalArgumentException("The slack of the chain (%s m) must be at least 0.".formatted(slackM));
        }
        return slackM > aboveM
                ? new ChainContact.Never()
                : new ChainContact.AtTurn(Math.toDegrees(Math.asin(slackM / aboveM)));
    }
}
