package strophos.core.look;

/**
 * Weight on the shoulders.
 *
 * @param heavy −2 (left much heavier) to 2 (right much heavier); 0 is level
 * @param onBothReins the same shoulder is the heavy one on both reins: natural crookedness, not balance
 */
public record Shoulders(int heavy, boolean onBothReins) {
    public Shoulders {
        if (heavy < -2 || heavy > 2) {
            throw new IllegalArgumentException(
                    "The heavier shoulder (%d) must lie in [-2, 2], left below 0.".formatted(heavy));
        }
    }
}
