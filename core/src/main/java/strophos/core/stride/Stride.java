package strophos.core.stride;

/**
 * A stride: all four feet once.
 *
 * @param lengthM above 0
 * @param speedMs above 0
 */
public record Stride(double lengthM, double speedMs) {

    public Stride {
        if (!(lengthM > 0) || !(speedMs > 0)) {
            throw new IllegalArgumentException(
                    "A stride has a length (%s m) and a speed (%s m/s) above 0.".formatted(lengthM, speedMs));
        }
    }

    /** Strides a minute. */
    public double tempo() {
        return 60 * speedMs / lengthM;
    }
}
