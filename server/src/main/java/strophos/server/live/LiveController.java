package strophos.server.live;

import jakarta.servlet.http.HttpSession;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.access.YardScope;

/** The stream of news: {@code again} (something may have been missed), {@code news} with the keys of what was stored. */
@RestController
@RequestMapping("/api/v1")
class LiveController {

    private final Streams streams;

    LiveController(Streams streams) {
        this.streams = streams;
    }

    /** For those who may see every pair of the yard. */
    @GetMapping(path = "/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @Needs(Action.RECORD)
    SseEmitter live(HttpSession session) {
        return streams.open(new Streams.Listening(YardScope.viewer().yard(), session.getId()));
    }
}
