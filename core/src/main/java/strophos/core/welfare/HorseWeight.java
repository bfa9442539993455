package strophos.core.welfare;

/**
 * What a horse weighs, by a tape: girth² × length / 11 877, centimetres and kilograms (Carroll & Huntington 1988 [1]).
 *
 * <p>The formula is for grown horses and ponies; it is an estimate, and says nothing of a foal or a mare in foal.
 *
 * <p>[1] C. L. Carroll, P. J. Huntington, Body condition scoring and weight estimation of horses, Equine Veterinary Journal 20,
 * 1988 (from memory).
 */
public final class HorseWeight {

    private static final double CM3_A_KG = 11_877;

    private HorseWeight() {}

    /**
     * @param girthCm round the chest behind the elbow; in [60, 260]
     * @param lengthCm from the point of the shoulder to the point of the buttock; in [60, 260]
     * @throws IllegalArgumentException when one of them is out of its range
     */
    public static double byTapeKg(double girthCm, double lengthCm) {
        if (!(girthCm >= 60 && girthCm <= 260) || !(lengthCm >= 60 && lengthCm <= 260)) {
            throw new IllegalArgumentException(
                    "Girth (%s) and length (%s) must lie in [60, 260] cm.".formatted(girthCm, lengthCm));
        }
        return girthCm * girthCm * lengthCm / CM3_A_KG;
    }
}
