package strophos.core.stride;

/**
 * How far apart straight poles lie on the ground, from middle to middle.
 *
 * @param fromM above 0
 * @param toM at least {@code fromM}
 */
public record PoleSpacing(double fromM, double toM) {

    public PoleSpacing {
        if (!(fromM > 0) || !(toM >= fromM)) {
            throw new IllegalArgumentException(
                    "Poles lie from %s m to %s m apart; the first is above 0 and no more than the second."
                            .formatted(fromM, toM));
        }
    }
}
