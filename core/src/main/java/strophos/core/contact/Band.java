package strophos.core.contact;

/**
 * What a pair aims at, in each rein; both ends belong to it.
 *
 * @param lowKg at least 0
 * @param highKg above {@code lowKg}, at most {@link ReinSeries#MOST_KG}
 */
public record Band(double lowKg, double highKg) {

    public Band {
        if (!(lowKg >= 0 && highKg > lowKg && highKg <= ReinSeries.MOST_KG)) {
            throw new IllegalArgumentException(
                    "A band goes from 0 kg or more up to a higher value, at most %.0f kg, not from %s to %s; maybe the two are swapped."
                            .formatted(ReinSeries.MOST_KG, lowKg, highKg));
        }
    }
}
