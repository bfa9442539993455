package strophos.server.settings;

import java.time.Instant;
import java.util.List;
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
 * @param proxies addresses of the reverse proxies whose word on the client's address and scheme is taken; none: nobody's is
 * @param renewal whether this process makes anew, beside what it serves, what is marked for it
 */
@ConfigurationProperties("strophos")
public record Settings(
        Optional<Instant> clockStart,
        Optional<String> setupToken,
        @DefaultValue("1") long demoSeed,
        Optional<String> demoPassword,
        @DefaultValue List<String> proxies,
        @DefaultValue("true") boolean renewal) {}
