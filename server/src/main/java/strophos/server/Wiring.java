package strophos.server;

import com.github.f4b6a3.uuid.factory.standard.TimeOrderedEpochFactory;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.boot.jooq.autoconfigure.DefaultConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import strophos.catalogue.CatalogueReader;
import strophos.catalogue.Library;
import strophos.catalogue.Schools;
import strophos.catalogue.TackRoom;
import strophos.server.settings.Settings;

/** Time, ids and the catalogue: injected, so that tests can set them. */
@Configuration
class Wiring {

    @Bean
    Clock clock(Settings settings) {
        Clock system = Clock.systemUTC();
        return settings.clockStart()
                .map(start -> Clock.offset(system, Duration.between(system.instant(), start)))
                .orElse(system);
    }

    /** UUIDv7 in the order of the injected clock. */
    @Bean
    Supplier<UUID> ids(Clock clock) {
        TimeOrderedEpochFactory factory =
                TimeOrderedEpochFactory.builder().withClock(clock).build();
        return factory::create;
    }

    /** A statement is written each time it is run: without the schema's name, which is always the same, that takes less time. */
    @Bean
    DefaultConfigurationCustomizer plainNames() {
        return jooq -> jooq.settings().withRenderSchema(false).withExecuteLogging(false);
    }

    @Bean
    Library library() {
        return CatalogueReader.shipped();
    }

    @Bean
    Schools schools() {
        return Schools.shipped();
    }

    @Bean
    TackRoom tackRoom() {
        return TackRoom.shipped();
    }
}
