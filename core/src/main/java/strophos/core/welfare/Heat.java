package strophos.core.welfare;

import strophos.core.judgement.Thresholds;

/**
 * How hot it is for a horse: °F + % humidity (common practice, no source).
 *
 * <p>Under {@code shade} ride; up to {@code light} shade and shorter; up to {@code stop} light work in the cool only; above it
 * do not ride. It speaks from {@code speaksFromC} on only: a cold wet day is not hot. From {@code lightFromC} on it is at best
 * light work in the cool, whatever the sum: dry heat does not add up.
 *
 * @param shade at least this sum: shade and shorter
 * @param light at least this sum: light work in the cool only
 * @param stop above this sum: do not ride
 */
public record Heat(double shade, double light, double stop, int speaksFromC, int lightFromC) {

    /** What follows, the mildest first. */
    public enum Level {
        RIDE,
        SHADE,
        LIGHT_ONLY,
        STOP
    }

    /** @param t of {@link strophos.core.stop.StopThresholds#SET} */
    public static Heat of(Thresholds t) {
        return new Heat(
                t.get("heat.shade"),
                t.get("heat.light"),
                t.get("heat.line"),
                t.whole("heat.speaksFromC"),
                t.whole("heat.lightFromC"));
    }

    /**
     * @param temperatureC in degrees Celsius
     * @param humidityPct relative humidity, in [0, 100]
     */
    public Level level(int temperatureC, int humidityPct) {
        if (humidityPct < 0 || humidityPct > 100) {
            throw new IllegalArgumentException(
                    "The humidity (%d) must lie in [0, 100] percent.".formatted(humidityPct));
        }
        double sum = sum(temperatureC, humidityPct);
        if (temperatureC < speaksFromC) {
            return Level.RIDE;
        } else if (sum > stop) {
            return Level.STOP;
        } else if (sum >= light || temperatureC >= lightFromC) {
            return Level.LIGHT_ONLY;
        }
        return sum >= shade ? Level.SHADE : Level.RIDE;
    }

    /** °F + % humidity. */
    public static double sum(int temperatureC, int humidityPct) {
        return temperatureC * 9 / 5.0 + 32 + humidityPct;
    }
}
