package strophos.server.live;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.http.MediaType;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;
import strophos.server.digest.Digest;

/** The browsers that listen to this process, each to its yard. */
@Component
class Streams {

    private static final Logger LOG = LoggerFactory.getLogger(Streams.class);

    /** Then the browser comes again by itself, and its session is asked for again. */
    private static final Duration AT_MOST = Duration.ofMinutes(30);

    /** So long news waits for more of the same. */
    private static final Duration TOGETHER = Duration.ofMillis(150);

    private final Map<SseEmitter, Listening> listeners = new ConcurrentHashMap<>();
    private final Set<News> waiting = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService soon = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "news");
        thread.setDaemon(true);
        return thread;
    });
    private final TaskExecutor executor;
    private final SessionRepository<? extends Session> sessions;

    Streams(
            @Qualifier("applicationTaskExecutor") TaskExecutor executor,
            SessionRepository<? extends Session> sessions) {
        this.executor = executor;
        this.sessions = sessions;
    }

    /** Who listens: in which yard, by which session. */
    record Listening(UUID yard, String sessionId) {}

    /** A new stream; its first word is to read again, so that the browser reads what it missed. */
    SseEmitter open(Listening listening) {
        SseEmitter stream = new SseEmitter(AT_MOST.toMillis());
        stream.onCompletion(() -> listeners.remove(stream));
        stream.onError(e -> listeners.remove(stream));
        stream.onTimeout(stream::complete);
        listeners.put(stream, listening);
        send(stream, () -> SseEmitter.event().name("again").data(""));
        return stream;
    }

    /** Tells it in a moment: what is stored many times until then is told once. */
    void tell(News news) {
        if (waiting.add(news) && waiting.size() == 1) {
            soon.schedule(this::tellWaiting, TOGETHER.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    private void tellWaiting() {
        List<News> now = List.copyOf(waiting);
        now.forEach(waiting::remove);
        now.forEach(news -> listeners.forEach((stream, who) -> {
            if (who.yard().equals(news.yard())) {
                send(stream, () -> SseEmitter.event().name("news").data(news.keys(), MediaType.APPLICATION_JSON));
            }
        }));
        // one that came in between was not the first to wait: it is told as well
        if (!waiting.isEmpty()) {
            soon.schedule(this::tellWaiting, TOGETHER.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    /** The session whose id has this digest has ended: nobody listens by it any longer. */
    void end(String sessionDigest) {
        listeners.forEach((stream, who) -> {
            if (Digest.of(who.sessionId()).equals(sessionDigest)) {
                stream.complete();
            }
        });
    }

    /** News may have been missed: everybody reads again, but those whose session ended meanwhile. */
    void tellAllToReadAgain() {
        listeners.forEach((stream, who) -> {
            if (isOver(who)) {
                stream.complete();
            } else {
                send(stream, () -> SseEmitter.event().name("again").data(""));
            }
        });
    }

    /** Whether the session is gone; where that cannot be told, too: the browser comes again, and its session is asked for. */
    private boolean isOver(Listening who) {
        try {
            return sessions.findById(who.sessionId()) == null;
        } catch (RuntimeException e) {
            LOG.debug("the database is not quite there yet", e);
            return true;
        }
    }

    /** Finds browsers that have gone, and keeps what stands between from closing a quiet stream. */
    void beat() {
        listeners
                .keySet()
                .forEach(stream -> send(stream, () -> SseEmitter.event().comment("")));
    }

    @PreDestroy
    void end() {
        soon.shutdownNow();
    }

    void closeAll() {
        listeners.keySet().forEach(SseEmitter::complete);
    }

    private void send(SseEmitter stream, Supplier<SseEventBuilder> event) {
        executor.execute(() -> {
            try {
                stream.send(event.get());
            } catch (IOException | IllegalStateException e) {
                // the browser has gone; the container ends the stream
                listeners.remove(stream);
            }
        });
    }
}
