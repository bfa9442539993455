package strophos.server.load;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import strophos.server.settings.Settings;

/** Takes the client's address and scheme from the named proxies, and from nobody else: whoever asks could write anything. */
@Component
class Proxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private final List<String> addresses;

    Proxies(Settings settings) {
        this.addresses = settings.proxies();
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (addresses.isEmpty()) {
            return;
        }
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(addresses.stream().map(Pattern::quote).collect(Collectors.joining("|")));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        factory.addEngineValves(valve);
    }
}
