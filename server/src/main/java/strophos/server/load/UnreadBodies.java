package strophos.server.load;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * A body that was refused is not read to its end: the container would go on reading it on the request's thread, so that the next
 * request of the connection could follow. The connection is closed instead.
 */
@Component
class UnreadBodies extends ValveBase implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    UnreadBodies() {
        super(true);
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(this);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        getNext().invoke(request, response);
        org.apache.coyote.Request read = request.getCoyoteRequest();
        if (read.getContentLengthLong() > read.getBytesRead()) {
            read.action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        }
    }
}
