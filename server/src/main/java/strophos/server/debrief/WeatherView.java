package strophos.server.debrief;

import strophos.core.exchange.Footing;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.server.contract.CanBeNull;

/** Ground and weather as noted last; null where it was not. */
record WeatherView(
        @CanBeNull Footing footing,
        @CanBeNull Integer temperatureC,
        @CanBeNull Integer humidityPct) {

    @CanBeNull
    static WeatherView of(Ride ride) {
        return ride.marks().stream()
                .map(Ride.Mark::said)
                .filter(Payload.Conditions.class::isInstance)
                .map(Payload.Conditions.class::cast)
                .reduce((a, b) -> b)
                .map(c -> new WeatherView(
                        c.footing().orElse(null),
                        c.temperatureC().isPresent() ? c.temperatureC().getAsInt() : null,
                        c.humidityPct().isPresent() ? c.humidityPct().getAsInt() : null))
                .orElse(null);
    }
}
