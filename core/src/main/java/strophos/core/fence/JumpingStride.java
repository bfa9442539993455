package strophos.core.fence;

/** Strides of a jumping canter by the handbook, in metres, from middle to middle. */
public final class JumpingStride {

    public static final double FOOT_M = 0.3048;

    /** 12 ft. */
    public static final double HORSE_M = 12 * FOOT_M;

    /** From this height on a horse, below a pony (148 cm without shoes: international rules), in cm. */
    public static final int HORSE_FROM_CM = 149;

    /** Ponies of this height and above take 11 ft, from the next 10 ft, smaller ones 9 ft (common practice, no source). */
    static final int LARGE_PONY_FROM_CM = 138;

    static final int MIDDLE_PONY_FROM_CM = 128;

    private JumpingStride() {}

    /** @param heightCm at the withers, in [60, 220] */
    public static double usualM(int heightCm) {
        if (heightCm < 60 || heightCm > 220) {
            throw new IllegalArgumentException("A horse's height (%d cm) must lie in [60, 220].".formatted(heightCm));
        }
        if (heightCm >= HORSE_FROM_CM) {
            return HORSE_M;
        }
        int feet = heightCm >= LARGE_PONY_FROM_CM ? 11 : heightCm >= MIDDLE_PONY_FROM_CM ? 10 : 9;
        return feet * FOOT_M;
    }
}
