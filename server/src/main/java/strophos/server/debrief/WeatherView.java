package strophos.server.debrief;

import strophos.core.exchange.Footing;
import strophos.core.record.Ride;
import strophos.core.welfare.GroundAndWeather;
import strophos.server.contract.CanBeNull;

/** Ground and weather: of each, what was noted last; null where it was not. */
record WeatherView(
        @CanBeNull Footing footing,
        @CanBeNull Integer temperatureC,
        @CanBeNull Integer humidityPct) {

    @CanBeNull
    static WeatherView of(Ride ride) {
        GroundAndWeather noted = ride.groundAndWeather();
        return noted.equals(GroundAndWeather.UNKNOWN)
                ? null
                : new WeatherView(
                        noted.footing().orElse(null),
                        noted.temperatureC().isPresent() ? noted.temperatureC().getAsInt() : null,
                        noted.humidityPct().isPresent() ? noted.humidityPct().getAsInt() : null);
    }
}
