package strophos.server;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What is set from outside.
 *
 * @param clockStart when given, the clock starts there and runs on: for tests and pictures
 * @param setupToken opens the set-up of an empty installation; without one there is no set-up
 * @param demoSeed of the demo's generator
 * @param demoPassword of every demo account; only the demo profile knows one
 * @param signIn throttling of failed sign-ins
 */
@ConfigurationProperties("strophos")
public record Settings(
        Optional<Instant> clockStart,
        Optional<String> setupToken,
        @DefaultValue("1") long demoSeed,
        Optional<String> demoPassword,
        @DefaultValue SignIn signIn) {

    /** After so many failures of a name (or ten times as many from an address) within the time, sign-in waits. */
    public record SignIn(
            @DefaultValue("5") int failures,
            @DefaultValue("15m") Duration within) {}
}
