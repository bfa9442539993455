package strophos.core.stride;

import java.util.List;

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

    /**
     * Poles that suit several horses at once: the middle of what suits all; where nothing does, halfway between the two furthest apart.
     *
     * @param own at least one
     */
    public static double forAll(List<PoleSpacing> own) {
        double least = own.stream().mapToDouble(PoleSpacing::fromM).max().orElseThrow();
        double most = own.stream().mapToDouble(PoleSpacing::toM).min().orElseThrow();
        return (least + most) / 2;
    }

    public double middleM() {
        return (fromM + toM) / 2;
    }
}
