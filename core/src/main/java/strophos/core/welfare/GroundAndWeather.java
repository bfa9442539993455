package strophos.core.welfare;

import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Footing;

/**
 * Ground and weather as they were noted, and what may be ridden in them. What was not noted limits nothing.
 *
 * <p>On frozen or slippery ground a horse walks. On hard ground it neither canters nor jumps. In deep ground it does neither, and works for
 * three quarters of the time: deep going strains tendons. In the shade-and-shorter heat it works for three quarters of the time, in the heat
 * that allows light work only for half of it and without canter and fences; above that nothing is ridden. Common practice, no source; the lines of the
 * heat are those of {@link Heat}.
 *
 * @param temperatureC in degrees Celsius
 * @param humidityPct relative humidity, in [0, 100]; where only the temperature is known, the heat is silent below its
 *     {@code lightFromC}
 */
public record GroundAndWeather(Optional<Footing> footing, OptionalInt temperatureC, OptionalInt humidityPct) {

    public static final GroundAndWeather UNKNOWN =
            new GroundAndWeather(Optional.empty(), OptionalInt.empty(), OptionalInt.empty());

    private static final double SHORTER = 0.75;
    private static final double LIGHT = 0.5;

    /** The fastest that is ridden. */
    public enum Most {
        NOTHING,
        WALK,
        /** No canter and no fence. */
        TROT,
        ALL
    }

    /** What the heat allows; {@link Heat.Level#RIDE} where too little was noted. */
    public Heat.Level heat(Heat rule) {
        return temperatureC.isPresent() ? rule.level(temperatureC.getAsInt(), humidityPct.orElse(0)) : Heat.Level.RIDE;
    }

    /** The fastest that the ground allows. */
    public Most onGround() {
        return footing.map(f -> switch (f) {
                    case GOOD -> Most.ALL;
                    case DEEP, HARD -> Most.TROT;
                    case SLIPPERY, FROZEN -> Most.WALK;
                })
                .orElse(Most.ALL);
    }

    /** The fastest that ground and heat allow together. */
    public Most most(Heat rule) {
        Most inHeat = switch (heat(rule)) {
            case RIDE, SHADE -> Most.ALL;
            case LIGHT_ONLY -> Most.TROT;
            case STOP -> Most.NOTHING;
        };
        return onGround().compareTo(inHeat) < 0 ? onGround() : inHeat;
    }

    /** How much of the usual work is left, in (0, 1]. */
    public double shareOfWork(Heat rule) {
        double inHeat = switch (heat(rule)) {
            case RIDE -> 1;
            case SHADE -> SHORTER;
            case LIGHT_ONLY, STOP -> LIGHT;
        };
        return Math.min(inHeat, footing.filter(f -> f == Footing.DEEP).isPresent() ? SHORTER : 1);
    }
}
